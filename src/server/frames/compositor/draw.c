// Carrying out one draw of a list. Frames are worked on in pairs of rows, which share their chroma.
#include "compositor.h"
#include <math.h>
#include <stdlib.h>
#include <string.h>

static int within(float v, int most) { return v < 0 ? 0 : v > (float)most ? most : (int)roundf(v); }

// The part of a frame that a draw can change.
// exact: what is drawn ends on even pixels, or outside of the frame.
static Span span_of(const Frame *f, const Area *outline, const Rect *exact, const Area *clip) {
  Span s;
  if (exact)
    s = (Span){within(exact->x, f->w), within(exact->y, f->h), within(exact->x + exact->w, f->w),
               within(exact->y + exact->h, f->h)};
  else area_bounds(outline, f, &s.left, &s.top, &s.right, &s.bottom);
  if (clip) {
    Span c;
    area_bounds(clip, f, &c.left, &c.top, &c.right, &c.bottom);
    if (c.left > s.left) s.left = c.left;
    if (c.top > s.top) s.top = c.top;
    if (c.right < s.right) s.right = c.right;
    if (c.bottom < s.bottom) s.bottom = c.bottom;
  }
  s.left &= ~1;
  s.top &= ~1;
  s.right = (s.right + 1) & ~1;
  s.bottom = (s.bottom + 1) & ~1;
  return s;
}

static Span both(Span a, Span b) {
  return (Span){a.left > b.left ? a.left : b.left, a.top > b.top ? a.top : b.top, a.right < b.right ? a.right : b.right,
                a.bottom < b.bottom ? a.bottom : b.bottom};
}

static int is_empty(Span s) { return s.right <= s.left || s.bottom <= s.top; }

// What is left of a span without another one: how many parts.
static int without(Span s, Span other, Span parts[4]) {
  const Span h = both(s, other);
  int n = 0;
  if (is_empty(s)) return 0;
  if (is_empty(h)) {
    parts[n++] = s;
    return n;
  }
  if (h.top > s.top) parts[n++] = (Span){s.left, s.top, s.right, h.top};
  if (h.left > s.left) parts[n++] = (Span){s.left, h.top, h.left, h.bottom};
  if (h.right < s.right) parts[n++] = (Span){h.right, h.top, s.right, h.bottom};
  if (h.bottom < s.bottom) parts[n++] = (Span){s.left, h.bottom, s.right, s.bottom};
  return n;
}

static u8 *y_at(const Frame *f, int x, int y) { return f->y + (size_t)y * (size_t)f->w + x; }
static u8 *u_at(const Frame *f, int x, int y) { return f->u + (size_t)(y / 2) * (size_t)(f->w / 2) + x / 2; }
static u8 *v_at(const Frame *f, int x, int y) { return f->v + (size_t)(y / 2) * (size_t)(f->w / 2) + x / 2; }

// How much of a pair of rows is changed. outline: null where the draw fills the span.
typedef struct {
  u8 rows[2][SIDE], half[SIDE / 2];
} Cover;

static void finish_cover(Cover *c, int alpha, int from, int to) {
  if (to <= from) return;
  for (int k = 0; k < 2; k++)
    if (alpha < 255) scale_cover(c->rows[k] + from, alpha, to - from);
  halve_cover(c->rows[0] + from, c->rows[1] + from, c->half + from / 2, to - from);
}

static void cover_pair(Cover *c, const Area *outline, const Area *clip, int alpha, const Span *s, int y) {
  static u8 by[SIDE];
  const int n = s->right - s->left;
  for (int k = 0; k < 2; k++) {
    if (outline) area_row(outline, y + k, s->left, s->right, c->rows[k]);
    else memset(c->rows[k], 255, (size_t)n);
    if (clip) {
      area_row(clip, y + k, s->left, s->right, by);
      multiply_cover(c->rows[k], by, n);
    }
  }
  finish_cover(c, alpha, 0, n);
}

// The same only outside of the columns, even, in which both rows are as opaque as alpha says; gives those.
static Run cover_edges(Cover *c, const Area *outline, int alpha, const Span *s, int y) {
  Run run = {s->left, s->right};
  for (int k = 0; k < 2; k++) {
    const Run row = area_row(outline, y + k, s->left, s->right, c->rows[k]);
    if (row.whole > run.whole) run.whole = row.whole;
    if (row.until < run.until) run.until = row.until;
  }
  run.whole = (run.whole + 1) & ~1;
  run.until &= ~1;
  if (run.until <= run.whole) run.whole = run.until = s->left;
  finish_cover(c, alpha, 0, run.whole - s->left);
  finish_cover(c, alpha, run.until - s->left, s->right - s->left);
  return run;
}

static Cover cover;

// Columns [from, to) of a pair of rows, as `cover` has them, which begins at `left`.
static void fill_covered(Frame *f, int from, int to, int left, int y, int luma, int u, int v) {
  const int at = from - left, n = to - from;
  if (n <= 0) return;
  fill_cover(y_at(f, from, y), luma, cover.rows[0] + at, n);
  fill_cover(y_at(f, from, y + 1), luma, cover.rows[1] + at, n);
  fill_cover(u_at(f, from, y), u, cover.half + at / 2, n / 2);
  fill_cover(v_at(f, from, y), v, cover.half + at / 2, n / 2);
}

static void fill_pair(Frame *f, int from, int to, int y, int luma, int u, int v, int alpha) {
  u8 *rows[4] = {y_at(f, from, y), y_at(f, from, y + 1), u_at(f, from, y), v_at(f, from, y)};
  const int values[4] = {luma, luma, u, v};
  for (int k = 0; k < 4; k++) {
    const int n = k < 2 ? to - from : (to - from) / 2;
    if (n > 0 && alpha == 255) memset(rows[k], values[k], (size_t)n);
    else if (n > 0) fill_even(rows[k], values[k], alpha, n);
  }
}

static Span span_of_shape(const Frame *f, const Draw *d) {
  return span_of(f, &d->area, NULL, d->has_clip ? &d->clip : NULL);
}

static void draw_shape(Frame *f, const Draw *d, Span s) {
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const int r = d->colour[0], g = d->colour[1], b = d->colour[2];
  const int luma = (11966 * r + 40254 * g + 4064 * b + (16 << 16) + 32768) >> 16;
  const int u = (-6596 * r - 22188 * g + 28784 * b + (128 << 16) + 32768) >> 16;
  const int v = (28784 * r - 26145 * g - 2639 * b + (128 << 16) + 32768) >> 16;
  const int alpha = (int)(d->alpha * d->colour[3] + 0.5f);
  if (alpha == 0) return;
  Run run = {s.left, s.left};
  int from, to;
  alike_rows(&d->area, &from, &to);
  for (int y = s.top; y < s.bottom; y += 2) {
    if (clip) cover_pair(&cover, &d->area, clip, alpha, &s, y);
    else if (y < from + 2 || y + 2 > to || y == s.top) run = cover_edges(&cover, &d->area, alpha, &s, y);
    fill_covered(f, s.left, run.whole, s.left, y, luma, u, v);
    fill_pair(f, run.whole, run.until, y, luma, u, v, alpha);
    fill_covered(f, run.until, s.right, s.left, y, luma, u, v);
  }
}

// A plane of a texture, scaled row by row: the two rows between which the last one lay are kept.
typedef struct {
  const u8 *plane;
  int w, h, row[2];
  double source, per;
  Across across;
  int16_t *scaled[2];
} Scaler;

static void start_scaler(Scaler *s, const u8 *plane, int w, int h, int count, double x, double per_x, double y,
                         double per_y) {
  *s = (Scaler){.plane = plane, .w = w, .h = h, .row = {-1, -1}, .source = y, .per = per_y};
  plan_across(&s->across, count, x, per_x, w);
  for (int k = 0; k < 2; k++) s->scaled[k] = get(((size_t)count + 16) * sizeof(int16_t));
}

static void end_scaler(Scaler *s) {
  free(s->across.index);
  free(s->across.shares);
  free(s->across.base);
  free(s->across.pick);
  free(s->scaled[0]);
  free(s->scaled[1]);
}

static const int16_t *scaled_row(Scaler *s, int row) {
  for (int k = 0; k < 2; k++)
    if (s->row[k] == row) return s->scaled[k];
  // Rows are asked for from top to bottom: the upper one goes.
  const int k = s->row[0] <= s->row[1] ? 0 : 1;
  scale_row(s->plane + (size_t)row * (size_t)s->w, &s->across, s->scaled[k]);
  s->row[k] = row;
  return s->scaled[k];
}

// Row number `at` of the target.
static void next_row(Scaler *s, int at, u8 *out) {
  double p = s->source + (at + 0.5) * s->per - 0.5;
  if (!(p > 0)) p = 0;
  if (p > s->h - 1) p = s->h - 1;
  int row = (int)p;
  int share = (int)((p - row) * 32768 + 0.5);
  if (share > 32767) {
    row++;
    share = 0;
  }
  if (share == 0 && s->across.is_copy) {
    memcpy(out, s->plane + (size_t)row * (size_t)s->w + s->across.first, (size_t)s->across.count);
    return;
  }
  const int16_t *above = scaled_row(s, row);
  const int16_t *below = share ? scaled_row(s, row + 1) : above;
  mix_rows(above, below, share, out, s->across.count);
}

static int is_even(float v) { return fabsf(v - 2 * roundf(v / 2)) < 1e-3f; }

// Whether it ends within the frame in the midst of a pixel, or of a chroma sample.
static int has_rough_edge(const Frame *f, Rect t) {
  return (t.x > 0 && !is_even(t.x)) || (t.y > 0 && !is_even(t.y)) || (t.x + t.w < f->w && !is_even(t.x + t.w)) ||
         (t.y + t.h < f->h && !is_even(t.y + t.h));
}

static void put_row(u8 *d, const u8 *s, const u8 *by, int alpha, int n) {
  if (by) blend_cover(d, s, by, n);
  else blend_even(d, s, alpha, n);
}

// An opaque texture on an upright rectangle.
static void draw_upright(Frame *f, const Draw *d, const Area *outline, Rect to, Span s) {
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const Area *rough = has_rough_edge(f, to) ? outline : NULL;
  const Texture *t = d->texture;
  const int n = s.right - s.left;
  const int alpha = (int)(d->alpha * 256 + 0.5f), covered = rough || clip;
  const double px = d->from.w / to.w, py = d->from.h / to.h;
  const double x = d->from.x + ((double)s.left - to.x) * px, y0 = d->from.y - to.y * py;
  Scaler sc[3];
  start_scaler(&sc[0], t->y, t->w, t->h, n, x, px, y0, py);
  start_scaler(&sc[1], t->u, t->w / 2, t->h / 2, n / 2, x / 2, px, y0 / 2, py);
  start_scaler(&sc[2], t->v, t->w / 2, t->h / 2, n / 2, x / 2, px, y0 / 2, py);
  static u8 row[SIDE];
  for (int y = s.top; y < s.bottom; y += 2) {
    u8 *out[4] = {y_at(f, s.left, y), y_at(f, s.left, y + 1), u_at(f, s.left, y), v_at(f, s.left, y)};
    if (covered) cover_pair(&cover, rough, clip, (int)(d->alpha * 255 + 0.5f), &s, y);
    for (int k = 0; k < 4; k++) {
      Scaler *one = &sc[k < 2 ? 0 : k - 1];
      const int at = k < 2 ? y + k : y / 2, count = k < 2 ? n : n / 2;
      if (!covered && alpha == 256) next_row(one, at, out[k]);
      else {
        next_row(one, at, row);
        put_row(out[k], row, covered ? (k < 2 ? cover.rows[k] : cover.half) : NULL, alpha, count);
      }
    }
  }
  for (int k = 0; k < 3; k++) end_scaler(&sc[k]);
}

// A texture with alpha that stands on whole pixels as it is.
static void draw_in_place(Frame *f, const Draw *d, Rect to, Span s) {
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const Texture *t = d->texture;
  const int n = s.right - s.left, alpha = (int)(d->alpha * 255 + 0.5f), covered = clip || alpha < 255;
  const int dx = s.left + (int)roundf(d->from.x - to.x), dy = (int)roundf(d->from.y - to.y);
  for (int y = s.top; y < s.bottom; y += 2) {
    if (covered) cover_pair(&cover, NULL, clip, alpha, &s, y);
    const size_t o = (size_t)(y + dy) * (size_t)t->w + (size_t)dx;
    const size_t c = (size_t)((y + dy) / 2) * (size_t)(t->w / 2) + (size_t)(dx / 2);
    u8 *rows[4] = {y_at(f, s.left, y), y_at(f, s.left, y + 1), u_at(f, s.left, y), v_at(f, s.left, y)};
    const u8 *from[4] = {t->y + o, t->y + o + t->w, t->u + c, t->v + c};
    const u8 *by[4] = {t->a + o, t->a + o + t->w, t->ac + c, t->ac + c};
    for (int k = 0; k < 4; k++) {
      const int count = k < 2 ? n : n / 2;
      if (covered) blend_premultiplied_cover(rows[k], from[k], by[k], k < 2 ? cover.rows[k] : cover.half, count);
      else blend_premultiplied(rows[k], from[k], by[k], count);
    }
  }
}

// A texture with alpha on an upright rectangle, larger or smaller than it is or between pixels.
static void draw_scaled(Frame *f, const Draw *d, const Area *outline, Rect to, Span s) {
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const Texture *t = d->texture;
  const int n = s.right - s.left;
  const double px = d->from.w / to.w, py = d->from.h / to.h;
  const double x = d->from.x + ((double)s.left - to.x) * px, y0 = d->from.y - to.y * py;
  // Luma, its alpha, both colours, their alpha.
  const u8 *planes[5] = {t->y, t->a, t->u, t->v, t->ac};
  Scaler sc[5];
  for (int k = 0; k < 5; k++) {
    const int step = k < 2 ? 1 : 2;
    start_scaler(&sc[k], planes[k], t->w / step, t->h / step, n / step, x / step, px, y0 / step, py);
  }
  static u8 row[SIDE], alpha[SIDE];
  for (int y = s.top; y < s.bottom; y += 2) {
    cover_pair(&cover, outline, clip, (int)(d->alpha * 255 + 0.5f), &s, y);
    for (int k = 0; k < 2; k++) {
      next_row(&sc[0], y + k, row);
      next_row(&sc[1], y + k, alpha);
      blend_premultiplied_cover(y_at(f, s.left, y + k), row, alpha, cover.rows[k], n);
    }
    next_row(&sc[4], y / 2, alpha);
    for (int k = 2; k < 4; k++) {
      next_row(&sc[k], y / 2, row);
      blend_premultiplied_cover(k == 2 ? u_at(f, s.left, y) : v_at(f, s.left, y), row, alpha, cover.half, n / 2);
    }
  }
  for (int k = 0; k < 5; k++) end_scaler(&sc[k]);
}

static int sample(const u8 *plane, int w, int h, double x, double y) {
  x = x < 0 ? 0 : x > w - 1 ? w - 1 : x;
  y = y < 0 ? 0 : y > h - 1 ? h - 1 : y;
  const int ix = (int)x, iy = (int)y;
  const int fx = (int)((x - ix) * 256), fy = (int)((y - iy) * 256);
  const u8 *p = plane + (size_t)iy * (size_t)w + ix;
  const int right = ix + 1 < w ? 1 : 0, down = iy + 1 < h ? w : 0;
  const int a = p[0] * (256 - fx) + p[right] * fx, b = p[down] * (256 - fx) + p[down + right] * fx;
  return (a * (256 - fy) + b * fy + 32768) >> 16;
}

// Any texture under a transform that turns it.
static void draw_turned(Frame *f, const Draw *d, const Area *outline, Span s) {
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const Texture *t = d->texture;
  const int n = s.right - s.left;
  const double px = d->from.w / d->to.w, py = d->from.h / d->to.h;
  static u8 row[SIDE], alpha[SIDE];
  for (int y = s.top; y < s.bottom; y += 2) {
    cover_pair(&cover, outline, clip, (int)(d->alpha * 255 + 0.5f), &s, y);
    for (int k = 0; k < 4; k++) {
      const int step = k < 2 ? 1 : 2, w = t->w / step, h = t->h / step, count = n / step;
      const u8 *plane = k < 2 ? t->y : k == 2 ? t->u : t->v, *by = k < 2 ? cover.rows[k] : cover.half;
      const double cy = k < 2 ? y + k + 0.5 : y + 1;
      for (int i = 0; i < count; i++) {
        if (!by[i]) {
          row[i] = alpha[i] = 0;
          continue;
        }
        const double cx = s.left + (i + 0.5) * step;
        const double lx = outline->inv[0] * cx + outline->inv[2] * cy + outline->inv[4];
        const double ly = outline->inv[1] * cx + outline->inv[3] * cy + outline->inv[5];
        const double sx = (d->from.x + (lx - d->to.x) * px) / step - 0.5;
        const double sy = (d->from.y + (ly - d->to.y) * py) / step - 0.5;
        row[i] = (u8)sample(plane, w, h, sx, sy);
        alpha[i] = t->a ? (u8)sample(k < 2 ? t->a : t->ac, w, h, sx, sy) : 255;
      }
      u8 *out = k < 2 ? y_at(f, s.left, y + k) : k == 2 ? u_at(f, s.left, y) : v_at(f, s.left, y);
      blend_premultiplied_cover(out, row, alpha, by, count);
    }
  }
}

// A texture for blending on an upright rectangle.
static void draw_blended(Frame *f, const Draw *d, const Area *outline, Rect to, Span s) {
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const Texture *t = d->texture;
  const int n = s.right - s.left;
  const double px = d->from.w / to.w, py = d->from.h / to.h;
  const double x = d->from.x + ((double)s.left - to.x) * px, y0 = d->from.y - to.y * py;
  const u8 *planes[3] = {t->y, t->u, t->v};
  Scaler sc[3];
  for (int k = 0; k < 3; k++) start_scaler(&sc[k], planes[k], t->w, t->h, n, x, px, y0, py);
  static u8 source[6 * ROW];
  for (int y = s.top; y < s.bottom; y += 2) {
    cover_pair(&cover, outline, clip, (int)(d->alpha * 255 + 0.5f), &s, y);
    for (int k = 0; k < 6; k++) next_row(&sc[k % 3], y + k / 3, source + (size_t)k * ROW);
    u8 *rows[2] = {y_at(f, s.left, y), y_at(f, s.left, y + 1)};
    const u8 *by[2] = {cover.rows[0], cover.rows[1]};
    blend_colours(d->blend, rows, u_at(f, s.left, y), v_at(f, s.left, y), source, by, n);
  }
  for (int k = 0; k < 3; k++) end_scaler(&sc[k]);
}

static int is_near(float a, float b) { return fabsf(a - b) < 1e-3f; }

static int is_upright(const float *m) { return m[1] == 0 && m[2] == 0 && m[0] > 0 && m[3] > 0; }

static Rect upright(const float *m, Rect r) { return (Rect){r.x * m[0] + m[4], r.y * m[3] + m[5], r.w * m[0], r.h * m[3]}; }

Span covered_by(const Frame *f, const Draw *d) {
  const float *m = d->transform.m;
  if (d->has_clip || d->alpha < 1 || d->blend != OVER || !is_upright(m)) return (Span){0, 0, 0, 0};
  if (d->is_shape ? d->colour[3] < 255 : d->texture->form == WITH_ALPHA) return (Span){0, 0, 0, 0};
  Rect r = d->is_shape ? d->area.rect : d->to;
  // Round corners lie above and below of the rest.
  if (d->is_shape) {
    r.y += d->area.radius;
    r.h -= 2 * d->area.radius;
  }
  r = upright(m, r);
  const int left = within(ceilf(r.x), f->w), top = within(ceilf(r.y), f->h);
  return (Span){(left + 1) & ~1, (top + 1) & ~1, within(floorf(r.x + r.w), f->w) & ~1, within(floorf(r.y + r.h), f->h) & ~1};
}

// A texture with alpha that is drawn pixel by pixel where it stands.
static int is_in_place(const Draw *d, Rect to) {
  return is_near(d->from.w, to.w) && is_near(d->from.h, to.h) && is_even(to.x) && is_even(to.y) && is_even(d->from.x) &&
         is_even(d->from.y) && is_even(to.w) && is_even(to.h);
}

void carry_out(Frame *f, const Draw *d, Span hidden) {
  if (!(d->alpha > 0)) return;
  Span parts[4];
  if (d->is_shape) {
    const int n = without(span_of_shape(f, d), hidden, parts);
    for (int k = 0; k < n; k++) draw_shape(f, d, parts[k]);
    return;
  }
  const float *m = d->transform.m;
  Area outline = {.rect = d->to, .radius = 0, .to_frame = d->transform};
  if (!prepare_area(&outline)) return;
  const Area *clip = d->has_clip ? &d->clip : NULL;
  const Form form = d->texture->form;
  const int stands = is_upright(m);
  const Rect to = upright(m, d->to);
  if (form == FOR_BLENDING && !stands) fail("a texture for blending is drawn upright only");
  const int in_place = form == WITH_ALPHA && stands && is_in_place(d, to);
  const int opaque = form != WITH_ALPHA && form != FOR_BLENDING && stands;
  Span s = span_of(f, &outline, in_place || (opaque && !has_rough_edge(f, to)) ? &to : NULL, clip);
  if (in_place) {
    const Span ink = d->texture->ink;
    const int dx = (int)roundf(to.x - d->from.x), dy = (int)roundf(to.y - d->from.y);
    s = both(s, (Span){ink.left + dx, ink.top + dy, ink.right + dx, ink.bottom + dy});
  }
  const int n = without(s, hidden, parts);
  for (int k = 0; k < n; k++) {
    if (form == FOR_BLENDING) draw_blended(f, d, &outline, to, parts[k]);
    else if (opaque) draw_upright(f, d, &outline, to, parts[k]);
    else if (in_place) draw_in_place(f, d, to, parts[k]);
    else if (stands && form == WITH_ALPHA) draw_scaled(f, d, &outline, to, parts[k]);
    else draw_turned(f, d, &outline, parts[k]);
  }
}
