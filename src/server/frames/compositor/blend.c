// Blending of rows.
#include "compositor.h"

// x / 255, rounded, for x of at most 65025: in 16 bits, of which a register holds twice as many as of 32.
static inline u16 over255(u16 x) {
  const u16 t = (u16)(x + 128);
  return (u16)((u16)(t + (t >> 8)) >> 8);
}

// alpha: 0 to 256.
CLONES void blend_even(u8 *restrict d, const u8 *restrict s, int alpha, int count) {
  const u16 a = (u16)alpha, b = (u16)(256 - alpha);
  for (int i = 0; i < count; i++) d[i] = (u8)((u16)(d[i] * b + s[i] * a + 128) >> 8);
}

CLONES void blend_cover(u8 *restrict d, const u8 *restrict s, const u8 *restrict cover, int count) {
  for (int i = 0; i < count; i++) d[i] = (u8)over255((u16)(d[i] * (255 - cover[i]) + s[i] * cover[i]));
}

CLONES void blend_premultiplied(u8 *restrict d, const u8 *restrict s, const u8 *restrict a, int count) {
  for (int i = 0; i < count; i++) {
    const u16 v = (u16)(s[i] + over255((u16)(d[i] * (255 - a[i]))));
    d[i] = (u8)(v > 255 ? 255 : v);
  }
}

CLONES void blend_premultiplied_cover(u8 *restrict d, const u8 *restrict s, const u8 *restrict a,
                                      const u8 *restrict cover, int count) {
  for (int i = 0; i < count; i++) {
    const u16 m = over255((u16)(a[i] * cover[i]));
    const u16 v = (u16)(over255((u16)(d[i] * (255 - m))) + over255((u16)(s[i] * cover[i])));
    d[i] = (u8)(v > 255 ? 255 : v);
  }
}

CLONES void fill_cover(u8 *restrict d, int value, const u8 *restrict cover, int count) {
  for (int i = 0; i < count; i++) d[i] = (u8)over255((u16)(d[i] * (255 - cover[i]) + value * cover[i]));
}

// The same everywhere. alpha: 0 to 255.
CLONES void fill_even(u8 *restrict d, int value, int alpha, int count) {
  const u16 rest = (u16)(255 - alpha), more = (u16)(value * alpha);
  for (int i = 0; i < count; i++) d[i] = (u8)over255((u16)(d[i] * rest + more));
}

// alpha: 0 to 255.
CLONES void scale_cover(u8 *cover, int alpha, int count) {
  for (int i = 0; i < count; i++) cover[i] = (u8)over255((u16)(cover[i] * alpha));
}

CLONES void multiply_cover(u8 *restrict cover, const u8 *restrict by, int count) {
  for (int i = 0; i < count; i++) cover[i] = (u8)over255((u16)(cover[i] * by[i]));
}

CLONES void halve_cover(const u8 *restrict upper, const u8 *restrict lower, u8 *restrict out, int count) {
  for (int i = 0; i < count / 2; i++)
    out[i] = (u8)((upper[2 * i] + upper[2 * i + 1] + lower[2 * i] + lower[2 * i + 1] + 2) >> 2);
}

// Modes of the Compositing and Blending standard (W3C, Level 1), b below and s above, 0 to 1.
static inline float screen(float b, float s) { return b + s - b * s; }
static inline float multiply(float b, float s) { return b * s; }
static inline float soft_light(float b, float s) {
  const float root = __builtin_sqrtf(b < 0 ? 0 : b);
  const float d = b <= 0.25f ? ((16 * b - 12) * b + 4) * b : root;
  return s <= 0.5f ? b - (1 - 2 * s) * b * (1 - b) : b + (2 * s - 1) * (d - b);
}

static inline float to_unit(float x) { return x < 0 ? 0 : x > 1 ? 1 : x; }

#define ROWS(name)                                                                                                   \
  CLONES static void rows_##name(u8 *restrict y, const u8 *restrict u, const u8 *restrict v, const u8 *restrict s,     \
                                 const u8 *restrict cover, float *restrict du, float *restrict dv, int count) {       \
    for (int i = 0; i < count; i++) {                                                                                 \
      const float l = 1.164384f / 255 * ((float)y[i] - 16), cu = ((float)u[i / 2] - 128) / 255,                       \
                  cv = ((float)v[i / 2] - 128) / 255;                                                                 \
      const float r = to_unit(l + 1.792741f * cv), g = to_unit(l - 0.213249f * cu - 0.532909f * cv),                  \
                  b = to_unit(l + 2.112402f * cu);                                                                    \
      const float n = 1.0f / 255, k = (float)cover[i] * n;                                                                 \
      const float dr = k * (name(r, s[i] * n) - r), dg = k * (name(g, s[ROW + i] * n) - g),                                 \
                  db = k * (name(b, s[2 * ROW + i] * n) - b);                                                           \
      const float out = (float)y[i] + 46.5594f * dr + 156.6288f * dg + 15.8118f * db + 0.5f;                          \
      y[i] = (u8)(out < 0 ? 0 : out > 255 ? 255 : out);                                                               \
      du[i] = -25.6642f * dr - 86.3358f * dg + 112.0f * db;                                                           \
      dv[i] = 112.0f * dr - 101.7303f * dg - 10.2697f * db;                                                           \
    }                                                                                                                 \
  }
ROWS(screen)
ROWS(soft_light)
ROWS(multiply)

static u8 moved(u8 from, float by) {
  const float v = (float)from + by + 0.5f;
  return (u8)(v < 0 ? 0 : v > 255 ? 255 : v);
}

void blend_colours(Blend blend, u8 *y[2], u8 *u, u8 *v, const u8 *source, const u8 *cover[2], int count) {
  static float du[2][SIDE], dv[2][SIDE];
  for (int k = 0; k < 2; k++) {
    const u8 *s = source + (size_t)k * 3 * ROW;
    if (blend == SCREEN) rows_screen(y[k], u, v, s, cover[k], du[k], dv[k], count);
    else if (blend == MULTIPLY) rows_multiply(y[k], u, v, s, cover[k], du[k], dv[k], count);
    else rows_soft_light(y[k], u, v, s, cover[k], du[k], dv[k], count);
  }
  for (int i = 0; i < count / 2; i++) {
    u[i] = moved(u[i], (du[0][2 * i] + du[0][2 * i + 1] + du[1][2 * i] + du[1][2 * i + 1]) / 4);
    v[i] = moved(v[i], (dv[0][2 * i] + dv[0][2 * i + 1] + dv[1][2 * i] + dv[1][2 * i + 1]) / 4);
  }
}
