// Coverage of rectangles with round corners, by the signed distance to their edge.
#include "compositor.h"
#include <math.h>
#include <string.h>

int prepare_area(Area *a) {
  const float *m = a->to_frame.m;
  const double det = (double)m[0] * m[3] - (double)m[1] * m[2];
  if (!(fabs(det) > 1e-9) || !(a->rect.w > 0) || !(a->rect.h > 0)) return 0;
  a->inv[0] = m[3] / det;
  a->inv[1] = -m[1] / det;
  a->inv[2] = -m[2] / det;
  a->inv[3] = m[0] / det;
  a->inv[4] = -(a->inv[0] * m[4] + a->inv[2] * m[5]);
  a->inv[5] = -(a->inv[1] * m[4] + a->inv[3] * m[5]);
  a->scale = sqrt(fabs(det));
  const float most = (a->rect.w < a->rect.h ? a->rect.w : a->rect.h) / 2;
  if (a->radius > most) a->radius = most;
  return 1;
}

static int clamp_to(double v, int most) { return v < 0 ? 0 : v > most ? most : (int)v; }

void area_bounds(const Area *a, const Frame *f, int *left, int *top, int *right, int *bottom) {
  const float *m = a->to_frame.m;
  double x0 = INFINITY, y0 = INFINITY, x1 = -INFINITY, y1 = -INFINITY;
  for (int k = 0; k < 4; k++) {
    const double x = a->rect.x + (k & 1 ? a->rect.w : 0), y = a->rect.y + (k & 2 ? a->rect.h : 0);
    const double px = m[0] * x + m[2] * y + m[4], py = m[1] * x + m[3] * y + m[5];
    x0 = fmin(x0, px);
    x1 = fmax(x1, px);
    y0 = fmin(y0, py);
    y1 = fmax(y1, py);
  }
  *left = clamp_to(floor(x0 - 0.5), f->w);
  *top = clamp_to(floor(y0 - 0.5), f->h);
  *right = clamp_to(ceil(x1 + 0.5), f->w);
  *bottom = clamp_to(ceil(y1 + 0.5), f->h);
}

// Narrows [lo, hi) to the columns at which `at + by * column` lies in [from, to]: to none where that is empty.
static void narrow(double at, double by, double from, double to, double *lo, double *hi) {
  if (from > to || fabs(by) < 1e-12) {
    if (from > to || at < from || at > to) *hi = *lo;
    return;
  }
  double a = (from - at) / by, b = (to - at) / by;
  if (a > b) {
    const double t = a;
    a = b;
    b = t;
  }
  if (a > *lo) *lo = a;
  if (b + 1 < *hi) *hi = b + 1;
}

static u8 cover_at(const Area *a, double x, double y) {
  const double hw = a->rect.w / 2, hh = a->rect.h / 2, r = a->radius;
  const double qx = fabs(x - a->rect.x - hw) - hw + r, qy = fabs(y - a->rect.y - hh) - hh + r;
  const double ox = qx > 0 ? qx : 0, oy = qy > 0 ? qy : 0;
  double share;
  if (r == 0) {
    // At a corner both edges count.
    const double sx = 0.5 - qx * a->scale, sy = 0.5 - qy * a->scale;
    share = (sx < 0 ? 0 : sx > 1 ? 1 : sx) * (sy < 0 ? 0 : sy > 1 ? 1 : sy);
    // What is thinner than a pixel covers no more than it has.
    if (2 * hw * a->scale < 1) share *= 2 * hw * a->scale;
    if (2 * hh * a->scale < 1) share *= 2 * hh * a->scale;
  } else {
    const double in = qx > qy ? qx : qy;
    const double d = (sqrt(ox * ox + oy * oy) + (in < 0 ? in : 0) - r) * a->scale;
    share = 0.5 - d;
  }
  return share <= 0 ? 0 : share >= 1 ? 255 : (u8)(share * 255 + 0.5);
}

void alike_rows(const Area *a, int *from, int *to) {
  const float *m = a->to_frame.m;
  *from = *to = 0;
  if (m[1] != 0 || m[2] != 0 || !(m[3] > 0)) return;
  const double ends = a->radius > 0 ? a->radius * m[3] + 1 : 1;
  *from = (int)ceil(a->rect.y * m[3] + m[5] + ends);
  *to = (int)floor((a->rect.y + a->rect.h) * m[3] + m[5] - ends);
}

// How far from the sides of its rectangle an upright area is cut off in a row by its round corners, where the edge is drawn
// in by `half` of its units (out, below 0). by: distance of the row from the middle. Not over the whole width: infinite.
static double corner_inset(const Area *a, double by, double half) {
  const double r = a->radius, qy = by - a->rect.h / 2 + r;
  if (r == 0 || qy <= 0) return half;
  const double rest = (r - half) * (r - half) - qy * qy;
  return r - half > 0 && rest > 0 ? r - sqrt(rest) : INFINITY;
}

Run area_row(const Area *a, int y, int left, int right, u8 *cover) {
  const double ax = a->inv[0], ay = a->inv[1];
  const double lx = ax * 0.5 + a->inv[2] * (y + 0.5) + a->inv[4];
  const double ly = ay * 0.5 + a->inv[3] * (y + 0.5) + a->inv[5];
  const Rect r = a->rect;
  const double half = 0.5 / a->scale;
  memset(cover, 0, (size_t)(right - left));
  double lo = left, hi = right;
  const int upright = ay == 0 && a->inv[2] == 0;
  const double by = fabs(ly - r.y - r.h / 2);
  const double skipped = upright ? corner_inset(a, by, -half) : -half;
  narrow(lx, ax, r.x + skipped, r.x + r.w - skipped, &lo, &hi);
  narrow(ly, ay, r.y - half, r.y + r.h + half, &lo, &hi);
  if (hi <= lo) return (Run){left, left};
  const int first = (int)ceil(lo), end = hi >= right ? right : (int)ceil(hi) < right ? (int)ceil(hi) : right;
  const double deep = upright ? corner_inset(a, by, half) : a->radius > half ? a->radius : half;
  double in = lo, out = hi;
  narrow(lx, ax, r.x + deep, r.x + r.w - deep, &in, &out);
  narrow(ly, ay, r.y + half, r.y + r.h - half, &in, &out);
  int whole = (int)ceil(in), until = (int)floor(out);
  if (whole < first) whole = first;
  if (until > end) until = end;
  if (until < whole) until = whole = end;
  for (int x = first; x < whole; x++) cover[x - left] = cover_at(a, lx + ax * x, ly + ay * x);
  if (until > whole) memset(cover + whole - left, 255, (size_t)(until - whole));
  for (int x = until; x < end; x++) cover[x - left] = cover_at(a, lx + ax * x, ly + ay * x);
  return (Run){whole, until};
}
