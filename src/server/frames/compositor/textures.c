// Textures: RGBA becomes planes of YUV 4:2:0, BT.709, limited range.
#include "compositor.h"
#include <stdlib.h>
#include <string.h>
#include <unistd.h>

size_t pixel_bytes(Form form, int w, int h) {
  const size_t n = (size_t)w * (size_t)h;
  return form == OPAQUE_I420 ? n + n / 2 : n * 4;
}

static inline int32_t luma(int r, int g, int b) { return 11966 * r + 40254 * g + 4064 * b; }

CLONES static void luma_row(const u8 *restrict p, u8 *restrict y, int w) {
  for (int i = 0; i < w; i++)
    y[i] = (u8)((luma(p[4 * i], p[4 * i + 1], p[4 * i + 2]) + (16 << 16) + 32768) >> 16);
}

// With alpha, which the colours are multiplied by already.
CLONES static void luma_alpha_row(const u8 *restrict p, u8 *restrict y, u8 *restrict a, int w) {
  for (int i = 0; i < w; i++) {
    const int t = p[4 * i + 3];
    y[i] = (u8)((luma(p[4 * i], p[4 * i + 1], p[4 * i + 2]) + t * 4112 + 32768) >> 16);
    a[i] = (u8)t;
  }
}

// ac: where the mean alpha goes; null for what is opaque, whatever its alpha says.
CLONES static void chroma_row(const u8 *restrict p, const u8 *restrict q, u8 *restrict u, u8 *restrict v,
                              u8 *restrict ac, int w) {
  for (int i = 0; i < w / 2; i++) {
    const u8 *a = p + 8 * i, *b = q + 8 * i;
    const int r = a[0] + a[4] + b[0] + b[4], g = a[1] + a[5] + b[1] + b[5], bl = a[2] + a[6] + b[2] + b[6],
              t = ac ? a[3] + a[7] + b[3] + b[7] : 4 * 255;
    // 128 times the mean alpha, in 4 * 65536ths of 255.
    const int middle = t * 32896 + 131072;
    u[i] = (u8)((-6596 * r - 22188 * g + 28784 * bl + middle) >> 18);
    v[i] = (u8)((28784 * r - 26145 * g - 2639 * bl + middle) >> 18);
    if (ac) ac[i] = (u8)((t + 2) >> 2);
  }
}

static void to_planes(Texture *t, const u8 *p) {
  for (int y = 0; y < t->h; y++) {
    const size_t o = (size_t)y * (size_t)t->w;
    if (t->form == WITH_ALPHA) luma_alpha_row(p + 4 * o, t->y + o, t->a + o, t->w);
    else luma_row(p + 4 * o, t->y + o, t->w);
    if (y % 2) {
      const size_t c = (size_t)(y / 2) * (size_t)(t->w / 2);
      u8 *ac = t->ac ? t->ac + c : NULL;
      chroma_row(p + 4 * (o - (size_t)t->w), p + 4 * o, t->u + c, t->v + c, ac, t->w);
    }
  }
}

// Even bounds of what is not empty.
static Span ink_of(const Texture *t) {
  Span s = {t->w, t->h, 0, 0};
  for (int y = 0; y < t->h; y++) {
    const u8 *a = t->a + (size_t)y * (size_t)t->w;
    int first = 0, end = t->w;
    while (first < end && !a[first]) first++;
    if (first == end) continue;
    while (!a[end - 1]) end--;
    if (first < s.left) s.left = first;
    if (end > s.right) s.right = end;
    if (y < s.top) s.top = y;
    s.bottom = y + 1;
  }
  return (Span){s.left & ~1, s.top & ~1, (s.right + 1) & ~1, (s.bottom + 1) & ~1};
}

Texture *make_texture(Form form, int w, int h, const u8 *pixels) {
  const size_t n = (size_t)w * (size_t)h;
  const size_t bytes = form == FOR_BLENDING ? 3 * n : form == WITH_ALPHA ? n * 2 + 3 * (n / 4) : n + n / 2;
  Texture *t = get(sizeof *t);
  *t = (Texture){.form = form, .w = w, .h = h, .bytes = bytes, .stream = -1, .has_come = pixels != NULL, .data = get(bytes + 2 * EDGE)};
  // Rows are read a little beyond their ends.
  memset(t->data, 0, EDGE);
  memset(t->data + EDGE + bytes, 0, EDGE);
  t->y = t->data + EDGE;
  t->u = t->y + n;
  t->v = t->u + (form == FOR_BLENDING ? n : n / 4);
  if (form == WITH_ALPHA) {
    t->a = t->v + n / 4;
    t->ac = t->a + n;
  }
  if (!pixels) return t;
  if (form == OPAQUE_I420) memcpy(t->y, pixels, n + n / 2);
  else if (form == FOR_BLENDING)
    for (size_t i = 0; i < n; i++) {
      t->y[i] = pixels[4 * i];
      t->u[i] = pixels[4 * i + 1];
      t->v[i] = pixels[4 * i + 2];
    }
  else to_planes(t, pixels);
  if (form == WITH_ALPHA) t->ink = ink_of(t);
  return t;
}

void free_texture(Texture *t) {
  if (!t) return;
  if (t->stream >= 0) close(t->stream);
  free(t->data);
  free(t);
}
