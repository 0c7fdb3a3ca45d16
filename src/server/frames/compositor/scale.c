// Bilinear scaling of rows. Values between the two passes are (pixel - 128) * 128.
#include "compositor.h"
#include <math.h>
#include <stdlib.h>
#if defined(__x86_64__)
#include <immintrin.h>
#endif

// So many source pixels may lie between eight neighbours of the target that sixteen bytes hold all that they need.
#define SMALL_STEP 1.85

void plan_across(Across *a, int count, double source, double per, int size) {
  const int room = (count + 7) / 8 * 8;
  a->count = count;
  a->index = get((size_t)room * sizeof *a->index);
  a->shares = get((size_t)room * 2);
  a->base = get((size_t)room / 8 * sizeof *a->base);
  a->pick = get((size_t)room * 2);
  a->step_is_small = per <= SMALL_STEP;
  a->is_copy = 1;
  for (int i = 0; i < room; i++) {
    double p = source + ((i < count ? i : count - 1) + 0.5) * per - 0.5;
    if (!(p > 0)) p = 0;
    if (p > size - 1) p = size - 1;
    int at = (int)p;
    int share = (int)((p - at) * 128 + 0.5);
    if (share == 128) {
      at++;
      share = 0;
    }
    a->index[i] = at;
    a->shares[2 * i] = (u8)(128 - share);
    a->shares[2 * i + 1] = (u8)share;
    if (i == 0) a->first = at;
    if (share || at != a->first + (i < count ? i : count - 1)) a->is_copy = 0;
  }
  for (int b = 0; b < room / 8; b++) {
    const int base = a->index[8 * b];
    a->base[b] = base;
    for (int i = 0; i < 8; i++) {
      const int at = a->index[8 * b + i] - base;
      // The neighbour of the last pixel counts nothing.
      a->pick[16 * b + 2 * i] = (u8)(at < 15 ? at : 15);
      a->pick[16 * b + 2 * i + 1] = (u8)(at + 1 < 15 ? at + 1 : 15);
    }
  }
}

static void scale_plainly(const u8 *s, const Across *a, int16_t *o) {
  for (int i = 0; i < a->count; i++) {
    const u8 *p = s + a->index[i];
    const int share = a->shares[2 * i + 1];
    // The pixel after the last one is not read for nothing.
    const int after = share ? p[1] : 0;
    o[i] = (int16_t)((p[0] - 128) * a->shares[2 * i] + (after - 128) * share);
  }
}

#if defined(__x86_64__)
__attribute__((target("ssse3"))) static void scale_by_eights(const u8 *s, const Across *a, int16_t *o) {
  const __m128i sign = _mm_set1_epi8((char)0x80);
  for (int b = 0; b < (a->count + 7) / 8; b++) {
    const __m128i row = _mm_xor_si128(_mm_loadu_si128((const __m128i *)(s + a->base[b])), sign);
    const __m128i pairs = _mm_shuffle_epi8(row, _mm_loadu_si128((const __m128i *)(a->pick + 16 * b)));
    const __m128i shares = _mm_loadu_si128((const __m128i *)(a->shares + 16 * b));
    _mm_storeu_si128((__m128i *)(o + 8 * b), _mm_maddubs_epi16(shares, pairs));
  }
}
#endif

// out has room for count rounded up to eight.
void scale_row(const u8 *row, const Across *a, int16_t *out) {
#if defined(__x86_64__)
  if (a->step_is_small && __builtin_cpu_supports("ssse3")) {
    scale_by_eights(row, a, out);
    return;
  }
#endif
  scale_plainly(row, a, out);
}

// share of the row below, 0 to 32767.
CLONES void mix_rows(const int16_t *restrict above, const int16_t *restrict below, int share, u8 *restrict out,
                     int count) {
  const int16_t k = (int16_t)share;
  for (int i = 0; i < count; i++) {
    const int16_t apart = (int16_t)(below[i] - above[i]);
    const int16_t part = (int16_t)(((int32_t)apart * k + 16384) >> 15);
    out[i] = (u8)(((int16_t)(above[i] + part + 64) >> 7) + 128);
  }
}
