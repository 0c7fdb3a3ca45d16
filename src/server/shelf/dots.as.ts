// AssemblyScript, compiled by `npm run wasm`: dot products of rows of signed bytes with a query of 16-bit numbers. width is
// a multiple of 16; out takes a 32-bit integer for each row.
export function dots(matrix: usize, query: usize, out: usize, rows: i32, width: i32): void {
  for (let r = 0; r < rows; r++) {
    const row = matrix + <usize>r * width;
    let sum = i32x4.splat(0);
    for (let k = 0; k < width; k += 16) {
      const bytes = v128.load(row + k);
      const q = query + ((<usize>k) << 1);
      sum = i32x4.add(sum, i32x4.dot_i16x8_s(i16x8.extend_low_i8x16_s(bytes), v128.load(q)));
      sum = i32x4.add(sum, i32x4.dot_i16x8_s(i16x8.extend_high_i8x16_s(bytes), v128.load(q, 16)));
    }
    store<i32>(
      out + ((<usize>r) << 2),
      i32x4.extract_lane(sum, 0) +
        i32x4.extract_lane(sum, 1) +
        i32x4.extract_lane(sum, 2) +
        i32x4.extract_lane(sum, 3),
    );
  }
}
