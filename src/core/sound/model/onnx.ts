import protobuf from 'protobufjs/minimal.js';

const { Reader, Writer } = protobuf;

/** Fields of ModelProto and StringStringEntryProto (https://github.com/onnx/onnx/blob/main/onnx/onnx.proto). */
const MODEL = { irVersion: 1, graph: 7, metadata: 14 } as const;
const ENTRY = { key: 1, value: 2 } as const;
/** Wire types of protocol buffers. */
const WIRE = { varint: 0, bytes: 2 } as const;

const tag = (field: number, wire: number): number => (field << 3) | wire;

/** Whether bytes begin as an ONNX model does and hold a graph, whole to their end. */
export function isOnnx(bytes: Uint8Array): boolean {
  try {
    const reader = Reader.create(bytes);
    let graph = false;
    let first = true;
    while (reader.pos < reader.len) {
      const t = reader.uint32();
      if (first && t !== tag(MODEL.irVersion, WIRE.varint)) return false;
      first = false;
      if (t === tag(MODEL.graph, WIRE.bytes)) graph = true;
      reader.skipType(t & 7);
    }
    return graph;
  } catch {
    return false;
  }
}

/**
 * What has to be put at the end of an ONNX model's bytes, so that it has some properties: fields of a message may stand in any
 * order, and repeated ones add up (https://protobuf.dev/programming-guides/encoding/).
 */
export function onnxProperties(properties: Readonly<Record<string, string>>): Uint8Array {
  const writer = Writer.create();
  for (const [key, value] of Object.entries(properties))
    writer
      .uint32(tag(MODEL.metadata, WIRE.bytes))
      .fork()
      .uint32(tag(ENTRY.key, WIRE.bytes))
      .string(key)
      .uint32(tag(ENTRY.value, WIRE.bytes))
      .string(value)
      .ldelim();
  return writer.finish();
}
