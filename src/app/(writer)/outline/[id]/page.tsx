import { OutlineScreen } from '../../../../ui/outline/outline-screen.tsx';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <OutlineScreen id={(await params).id} />;
}
