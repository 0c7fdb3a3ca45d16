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
  const int room = (count + 15) / 16 * 16;
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
__attribute__((target("avx2"))) static void scale_by_sixteens(const u8 *s, const Across *a, int16_t *o) {
  const __m256i sign = _mm256_set1_epi8((char)0x80);
  for (int b = 0; b < (a->count + 7) / 8; b += 2) {
    const __m128i *low = (const __m128i *)(s + a->base[b]);
    const __m128i *high = (const __m128i *)(s + a->base[b + 1]);
    const __m256i row = _mm256_xor_si256(_mm256_loadu2_m128i(high, low), sign);
    const __m256i pairs = _mm256_shuffle_epi8(row, _mm256_loadu_si256((const __m256i *)(a->pick + 16 * b)));
    const __m256i shares = _mm256_loadu_si256((const __m256i *)(a->shares + 16 * b));
    _mm256_storeu_si256((__m256i *)(o + 8 * b), _mm256_maddubs_epi16(shares, pairs));
  }
}

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

// out has room for count rounded up to sixteen.
void scale_row(const u8 *row, const Across *a, int16_t *out) {
#if defined(__x86_64__)
  if (a->step_is_small && __builtin_cpu_supports("avx2")) {
    scale_by_sixteens(row, a, out);
    return;
  }
  if (a->step_is_small && __builtin_cpu_supports("ssse3")) {
    scale_by_eights(row, a, out);
    return;
  }
#endif
  scale_plainly(row, a, out);
}

static void mix_plainly(const int16_t *above, const int16_t *below, int share, u8 *out, int count) {
  const int16_t k = (int16_t)share;
  for (int i = 0; i < count; i++) {
    const int16_t apart = (int16_t)(below[i] - above[i]);
    const int16_t part = (int16_t)(((int32_t)apart * k + 16384) >> 15);
    out[i] = (u8)(((int16_t)(above[i] + part + 64) >> 7) + 128);
  }
}

#if defined(__x86_64__)
// Gives how many of them it has mixed.
__attribute__((target("avx2"))) static int mix_by_32(const int16_t *above, const int16_t *below, int share, u8 *out,
                                                     int count) {
  const __m256i k = _mm256_set1_epi16((int16_t)share), half = _mm256_set1_epi16(64), sign = _mm256_set1_epi8((char)0x80);
  int i = 0;
  for (; i + 32 <= count; i += 32) {
    __m256i mixed[2];
    for (int h = 0; h < 2; h++) {
      const __m256i a = _mm256_loadu_si256((const __m256i *)(above + i + 16 * h));
      const __m256i b = _mm256_loadu_si256((const __m256i *)(below + i + 16 * h));
      const __m256i part = _mm256_mulhrs_epi16(_mm256_sub_epi16(b, a), k);
      mixed[h] = _mm256_srai_epi16(_mm256_add_epi16(_mm256_add_epi16(a, part), half), 7);
    }
    // Packed lane by lane, and put into their order.
    const __m256i packed = _mm256_permute4x64_epi64(_mm256_packs_epi16(mixed[0], mixed[1]), 0xd8);
    _mm256_storeu_si256((__m256i *)(out + i), _mm256_xor_si256(packed, sign));
  }
  return i;
}
#endif

// share of the row below, 0 to 32767.
void mix_rows(const int16_t *above, const int16_t *below, int share, u8 *out, int count) {
  int done = 0;
#if defined(__x86_64__)
  if (__builtin_cpu_supports("avx2")) done = mix_by_32(above, below, share, out, count);
#endif
  mix_plainly(above + done, below + done, share, out + done, count - done);
}
