export async function bench(_: string[]): Promise<void> {
  throw new Error('to be written');
}
