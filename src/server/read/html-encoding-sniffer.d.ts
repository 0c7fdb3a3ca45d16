declare module 'html-encoding-sniffer' {
  /** Name of the encoding by the HTML standard's rules. */
  export default function sniff(
    bytes: Uint8Array,
    options: { transportLayerEncodingLabel?: string; defaultEncoding?: string },
  ): string;
}
