// Reads textures and lists of draws from standard input and writes frames: see README.md.
#include "compositor.h"
#include <errno.h>
#include <fcntl.h>
#include <math.h>
#include <signal.h>
#include <stdarg.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>
#include <unistd.h>

enum { START = 1, TEXTURE, DROP, DRAW_FRAME, AGAIN, STREAM, NEXT };
// CPU time spent, by what for: told at the end where COMPOSITOR_TIMES is set.
typedef enum { TEXTURES, PICTURES, PICTURES_OVER_OTHERS, WORDS_AND_SHAPES, LIGHT_AND_GRAIN, HAND_OVER, PARTS } Part;
static double spent[PARTS];

static double now(void) {
  struct timespec t;
  clock_gettime(CLOCK_PROCESS_CPUTIME_ID, &t);
  return (double)t.tv_sec * 1e3 + (double)t.tv_nsec / 1e6;
}

static Part part_of(const Draw *d) {
  if (d->is_shape || d->texture->form == WITH_ALPHA) return WORDS_AND_SHAPES;
  if (d->blend != OVER) return LIGHT_AND_GRAIN;
  return d->alpha < 1 ? PICTURES_OVER_OTHERS : PICTURES;
}

static void tell_times(void) {
  fprintf(stderr, "{\"textures\":%.1f,\"pictures\":%.1f,\"picturesOverOthers\":%.1f,\"wordsAndShapes\":%.1f,"
                  "\"lightAndGrain\":%.1f,\"handOver\":%.1f}\n",
          spent[TEXTURES], spent[PICTURES], spent[PICTURES_OVER_OTHERS], spent[WORDS_AND_SHAPES],
          spent[LIGHT_AND_GRAIN], spent[HAND_OVER]);
}

enum { IDS = 65536, DRAWS = 4096, WORDS = 30 };
// Textures together, bytes.
static const size_t MOST = (size_t)400 << 20;

void fail(const char *format, ...) {
  va_list args;
  va_start(args, format);
  fputs("compositor: ", stderr);
  vfprintf(stderr, format, args);
  fputc('\n', stderr);
  va_end(args);
  exit(2);
}

void *get(size_t bytes) {
  void *p = malloc(bytes ? bytes : 1);
  if (!p) fail("no memory for %zu bytes", bytes);
  return p;
}

// 0 when the input ends before its first byte.
static int read_from(int input, void *into, size_t bytes) {
  for (size_t have = 0; have < bytes;) {
    const ssize_t n = read(input, (char *)into + have, bytes - have);
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) fail("the input cannot be read: %s", strerror(errno));
    if (n == 0 && have == 0) return 0;
    if (n == 0) fail(input ? "a stream ends in the midst of a frame" : "the input ends in the midst of a message");
    have += (size_t)n;
  }
  return 1;
}

static int read_all(void *into, size_t bytes) { return read_from(0, into, bytes); }

static void write_frame(const u8 *from, size_t bytes) {
  const double before = now();
  while (bytes > 0) {
    const ssize_t n = write(1, from, bytes);
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) fail("a frame cannot be written: %s", strerror(errno));
    from += n;
    bytes -= (size_t)n;
  }
  spent[HAND_OVER] += now() - before;
}

static Frame frame;
static size_t frame_bytes;
static int has_frame;
static Texture *textures[IDS];
static size_t kept;

static void start(const uint32_t *p, uint32_t bytes) {
  if (bytes != 8 || frame_bytes) fail("a start comes once, with a width and a height");
  const uint32_t w = p[0], h = p[1];
  if (w < 16 || h < 2 || w > SIDE || h > SIDE || w % 2 || h % 2) fail("a frame cannot be %u x %u pixels", w, h);
  const size_t n = (size_t)w * h;
  frame_bytes = n + n / 2;
  frame = (Frame){.w = (int)w, .h = (int)h, .y = get(frame_bytes + EDGE)};
  frame.u = frame.y + n;
  frame.v = frame.u + n / 4;
  memset(frame.y, 16, n);
  memset(frame.u, 128, n / 2);
}

static void drop(uint32_t id) {
  if (id >= IDS || !textures[id]) fail("texture %u is not there", id);
  kept -= textures[id]->bytes;
  free_texture(textures[id]);
  textures[id] = NULL;
}

static void put_texture(uint32_t id, Texture *t) {
  if (textures[id]) drop(id);
  textures[id] = t;
  kept += t->bytes;
  if (kept > MOST) fail("textures take more than %zu bytes", MOST);
}

static void check_texture(uint32_t id, uint32_t w, uint32_t h) {
  if (id >= IDS) fail("texture %u: ids go up to %d", id, IDS - 1);
  if (w < 2 || h < 2 || w > SIDE || h > SIDE || w % 2 || h % 2) fail("a texture cannot be %u x %u pixels", w, h);
}

static void take_texture(const uint32_t *p, uint32_t bytes) {
  if (bytes < 16) fail("a texture has a head of 16 bytes");
  const uint32_t id = p[0], form = p[1], w = p[2], h = p[3];
  check_texture(id, w, h);
  if (form > FOR_BLENDING) fail("texture %u has no form %u", id, form);
  if (bytes - 16 != pixel_bytes((Form)form, (int)w, (int)h)) fail("texture %u has %u bytes of pixels", id, bytes - 16);
  put_texture(id, make_texture((Form)form, (int)w, (int)h, (const u8 *)(p + 4)));
}

static void take_stream(const uint32_t *p, uint32_t bytes) {
  if (bytes < 14) fail("a stream has a head of 12 bytes and a path");
  const char *path = (const char *)(p + 3);
  check_texture(p[0], p[1], p[2]);
  if (path[bytes - 13]) fail("the path of a stream ends with a zero");
  // Who sends the message keeps the other end open until there is an end to be read.
  const int from = open(path, O_RDONLY | O_NONBLOCK);
  if (from < 0 || fcntl(from, F_SETFL, 0)) fail("%s cannot be read: %s", path, strerror(errno));
#ifdef F_SETPIPE_SZ
  (void)fcntl(from, F_SETPIPE_SZ, 1 << 20);
#endif
  Texture *t = make_texture(OPAQUE_I420, (int)p[1], (int)p[2], NULL);
  t->stream = from;
  put_texture(p[0], t);
  // From now on nobody else need hold the pipe.
  fputs("opened\n", stderr);
}

// The frame after the last one is the last one.
static void take_next(uint32_t id) {
  if (id >= IDS || !textures[id] || textures[id]->stream < 0) fail("texture %u has no stream", id);
  Texture *t = textures[id];
  if (read_from(t->stream, t->y, pixel_bytes(OPAQUE_I420, t->w, t->h))) t->has_come = 1;
  else if (!t->has_come) fail("the stream of texture %u has no frame", id);
}

static float number(uint32_t word) {
  float v;
  memcpy(&v, &word, 4);
  if (!isfinite(v) || fabsf(v) > 1e6f) fail("a number of a draw is not one of pixels");
  return v;
}

static Rect rect_of(const uint32_t *p) { return (Rect){number(p[0]), number(p[1]), number(p[2]), number(p[3])}; }

static Affine affine_of(const uint32_t *p) {
  Affine a;
  for (int i = 0; i < 6; i++) a.m[i] = number(p[i]);
  return a;
}

// false: nothing is to be seen of it.
static int parse(const uint32_t *p, Draw *d) {
  *d = (Draw){.is_shape = p[0] == 1, .blend = (Blend)p[2], .alpha = number(p[3]), .has_clip = p[18] == 1};
  if (p[0] > 1 || p[2] >= BLENDS || p[18] > 1) fail("a draw of an unknown kind");
  if (d->alpha < 0 || d->alpha > 1) fail("a draw has an opacity from 0 to 1");
  d->transform = affine_of(p + 12);
  if (d->has_clip) {
    d->clip = (Area){.rect = rect_of(p + 19), .radius = number(p[23]), .to_frame = affine_of(p + 24)};
    if (d->clip.radius < 0) fail("a radius is not below 0");
    if (!prepare_area(&d->clip)) return 0;
  }
  if (d->is_shape) {
    if (d->blend != OVER) fail("a shape is drawn over what is there");
    for (int i = 0; i < 4; i++) d->colour[i] = (u8)(p[1] >> (24 - 8 * i));
    d->area = (Area){.rect = rect_of(p + 4), .radius = number(p[8]), .to_frame = d->transform};
    if (d->area.radius < 0) fail("a radius is not below 0");
    return prepare_area(&d->area);
  }
  if (p[1] >= IDS || !textures[p[1]]) fail("texture %u is not there", p[1]);
  d->texture = textures[p[1]];
  if (!d->texture->has_come) fail("texture %u has no frame yet", p[1]);
  if ((d->texture->form == FOR_BLENDING) != (d->blend != OVER)) fail("texture %u has the wrong form to be blended", p[1]);
  d->from = rect_of(p + 4);
  d->to = rect_of(p + 8);
  const Rect r = d->from;
  if (!(r.w > 0) || !(r.h > 0)) fail("a part of a texture has no extent");
  const double right = d->texture->w + 0.51, bottom = d->texture->h + 0.51;
  if (r.x < -0.51f || r.y < -0.51f || r.x + r.w > right || r.y + r.h > bottom)
    fail("texture %u does not have the part that is drawn", p[1]);
  return d->to.w > 0 && d->to.h > 0;
}

static long pixels_in(Span s) { return s.right > s.left && s.bottom > s.top ? (long)(s.right - s.left) * (s.bottom - s.top) : 0; }

static void draw_frame(const uint32_t *p, uint32_t bytes) {
  if (!frame_bytes) fail("a frame comes before the start");
  if (bytes % (4 * WORDS) || bytes / (4 * WORDS) > DRAWS) fail("a frame of %u bytes", bytes);
  // Everything is looked at before anything is drawn.
  static Draw draws[DRAWS];
  uint32_t count = 0;
  for (uint32_t i = 0; i < bytes / (4 * WORDS); i++) count += (uint32_t)parse(p + i * WORDS, &draws[count]);
  // Behind each draw, the largest rectangle that a later one covers.
  static Span hidden[DRAWS];
  Span largest = {0, 0, 0, 0};
  for (uint32_t i = count; i-- > 0;) {
    hidden[i] = largest;
    const Span s = covered_by(&frame, &draws[i]);
    if (pixels_in(s) > pixels_in(largest)) largest = s;
  }
  for (uint32_t i = 0; i < count; i++) {
    const double before = now();
    carry_out(&frame, &draws[i], hidden[i]);
    spent[part_of(&draws[i])] += now() - before;
  }
  has_frame = 1;
}

int main(void) {
  // A reader that went away is told as an error.
  signal(SIGPIPE, SIG_IGN);
#ifdef F_SETPIPE_SZ
  // Fewer turns between the processes. Not every output is a pipe.
  (void)fcntl(1, F_SETPIPE_SZ, 1 << 20);
#endif
  uint32_t head[2];
  double before;
  uint32_t *body = NULL;
  size_t room = 0;
  while (read_all(head, sizeof head)) {
    const uint32_t bytes = head[1];
    if (bytes > 16 + (uint32_t)4 * SIDE * SIDE) fail("a message of %u bytes", bytes);
    if (bytes > room) {
      free(body);
      body = get(room = bytes);
    }
    if (bytes && !read_all(body, bytes)) fail("the input ends in the midst of a message");
    switch (head[0]) {
      case START:
        start(body, bytes);
        break;
      case TEXTURE:
        before = now();
        take_texture(body, bytes);
        spent[TEXTURES] += now() - before;
        break;
      case DROP:
        if (bytes != 4) fail("a drop of %u bytes", bytes);
        drop(body[0]);
        break;
      case DRAW_FRAME:
        draw_frame(body, bytes);
        write_frame(frame.y, frame_bytes);
        break;
      case AGAIN:
        if (bytes || !has_frame) fail("there is no frame before this one");
        write_frame(frame.y, frame_bytes);
        break;
      case STREAM:
        take_stream(body, bytes);
        break;
      case NEXT:
        if (bytes != 4) fail("a next of %u bytes", bytes);
        before = now();
        take_next(body[0]);
        spent[TEXTURES] += now() - before;
        break;
      default:
        fail("a message of kind %u", head[0]);
    }
  }
  if (getenv("COMPOSITOR_TIMES")) tell_times();
  return 0;
}
