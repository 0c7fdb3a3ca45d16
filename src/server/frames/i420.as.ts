// AssemblyScript, compiled by `npm run wasm`: RGBA to planar I420, BT.709 limited range, 16 pixels of two rows at a time.
// w is even and at least 16, h is even. The last block of a row is moved back so that it ends with the row.
export function convert(src: usize, dst: usize, w: i32, h: i32): void {
  const ypl = dst, upl = dst + w * h, vpl = upl + ((w * h) >> 2);
  const yr = i16x8.splat(5983), yg = i16x8.splat(20127), yb = i16x8.splat(2032);
  const ur = i16x8.splat(-3298), ug = i16x8.splat(-11094), ub = i16x8.splat(14392);
  const vg = i16x8.splat(-13072), vb = i16x8.splat(-1320);
  const yo = i16x8.splat(64 + 16 * 128), co = i16x8.splat(64);
  const c128 = i16x8.splat(128);
  for (let y = 0; y < h; y += 2) {
    for (let xx = 0; xx < w; xx += 16) {
      const x = xx + 16 > w ? w - 16 : xx;
      let rs = i16x8.splat(0), gs = rs, bs = rs;
      for (let k = 0; k < 2; k++) {
        const p = src + ((y + k) * w + x) * 4;
        const p0 = v128.load(p), p1 = v128.load(p, 16), p2 = v128.load(p, 32), p3 = v128.load(p, 48);
        const t0 = v128.shuffle<u8>(p0, p1, 0, 4, 8, 12, 16, 20, 24, 28, 1, 5, 9, 13, 17, 21, 25, 29);
        const t1 = v128.shuffle<u8>(p2, p3, 0, 4, 8, 12, 16, 20, 24, 28, 1, 5, 9, 13, 17, 21, 25, 29);
        const b0 = v128.shuffle<u8>(p0, p1, 2, 6, 10, 14, 18, 22, 26, 30, 3, 7, 11, 15, 19, 23, 27, 31);
        const b1 = v128.shuffle<u8>(p2, p3, 2, 6, 10, 14, 18, 22, 26, 30, 3, 7, 11, 15, 19, 23, 27, 31);
        const r16 = v128.shuffle<u64>(t0, t1, 0, 2), g16 = v128.shuffle<u64>(t0, t1, 1, 3), b16 = v128.shuffle<u64>(b0, b1, 0, 2);
        const rl = i16x8.shl(i16x8.extend_low_i8x16_u(r16), 7), rh = i16x8.shl(i16x8.extend_high_i8x16_u(r16), 7);
        const gl = i16x8.shl(i16x8.extend_low_i8x16_u(g16), 7), gh = i16x8.shl(i16x8.extend_high_i8x16_u(g16), 7);
        const bl = i16x8.shl(i16x8.extend_low_i8x16_u(b16), 7), bh = i16x8.shl(i16x8.extend_high_i8x16_u(b16), 7);
        const yl = i16x8.shr_s(i16x8.add(i16x8.add(i16x8.q15mulr_sat_s(rl, yr), i16x8.q15mulr_sat_s(gl, yg)), i16x8.add(i16x8.q15mulr_sat_s(bl, yb), yo)), 7);
        const yh = i16x8.shr_s(i16x8.add(i16x8.add(i16x8.q15mulr_sat_s(rh, yr), i16x8.q15mulr_sat_s(gh, yg)), i16x8.add(i16x8.q15mulr_sat_s(bh, yb), yo)), 7);
        v128.store(ypl + (y + k) * w + x, i8x16.narrow_i16x8_u(yl, yh));
        rs = i16x8.add(rs, i16x8.extadd_pairwise_i8x16_u(r16));
        gs = i16x8.add(gs, i16x8.extadd_pairwise_i8x16_u(g16));
        bs = i16x8.add(bs, i16x8.extadd_pairwise_i8x16_u(b16));
      }
      rs = i16x8.shl(rs, 5);
      gs = i16x8.shl(gs, 5);
      bs = i16x8.shl(bs, 5);
      const u = i16x8.add(c128, i16x8.shr_s(i16x8.add(i16x8.add(i16x8.q15mulr_sat_s(rs, ur), i16x8.q15mulr_sat_s(gs, ug)), i16x8.add(i16x8.q15mulr_sat_s(bs, ub), co)), 7));
      const v = i16x8.add(c128, i16x8.shr_s(i16x8.add(i16x8.add(i16x8.q15mulr_sat_s(rs, ub), i16x8.q15mulr_sat_s(gs, vg)), i16x8.add(i16x8.q15mulr_sat_s(bs, vb), co)), 7));
      const o = (y >> 1) * (w >> 1) + (x >> 1);
      v128.store64_lane(upl + o, i8x16.narrow_i16x8_u(u, u), 0);
      v128.store64_lane(vpl + o, i8x16.narrow_i16x8_u(v, v), 0);
    }
  }
}
