// A compositor of display lists: textures are kept as planes of YUV 4:2:0 (BT.709, limited range), frames are written as
// I420. See README.md for the protocol.
#ifndef COMPOSITOR_H
#define COMPOSITOR_H
#include <stddef.h>
#include <stdint.h>

typedef uint8_t u8;
typedef uint16_t u16;

// Inner loops are compiled for AVX2 as well; which one runs is chosen when the program starts.
#if defined(__x86_64__) && defined(__GLIBC__) && !defined(__SANITIZE_ADDRESS__)
#define CLONES __attribute__((target_clones("avx2", "default")))
#else
#define CLONES
#endif

// Frames and textures have an even width and height of at most SIDE pixels.
enum { SIDE = 8192, EDGE = 64 };

_Noreturn void fail(const char *format, ...) __attribute__((format(printf, 1, 2)));
void *get(size_t bytes);

// Pixels, even on all sides; without any where the right is not right of the left.
typedef struct {
  int left, top, right, bottom;
} Span;

typedef enum { OPAQUE_I420, OPAQUE_RGBA, WITH_ALPHA, FOR_BLENDING } Form;

// y, u, v of an opaque texture; with alpha they are multiplied by it, `a` is alpha and `ac` its mean over the four pixels
// of a chroma sample. A texture for blending has rgb in three planes of full size instead: y, u, v.
typedef struct {
  Form form;
  int w, h;
  size_t bytes;
  // Where its frames come from, or -1, and whether one has come.
  int stream, has_come;
  u8 *data, *y, *u, *v, *a, *ac;
  // Outside of it a texture with alpha is empty.
  Span ink;
} Texture;

// pixels: null for those of a stream, which come later.
Texture *make_texture(Form form, int w, int h, const u8 *pixels);
size_t pixel_bytes(Form form, int w, int h);
void free_texture(Texture *t);

typedef struct {
  int w, h;
  u8 *y, *u, *v;
} Frame;

// x' = m[0] x + m[2] y + m[4], y' = m[1] x + m[3] y + m[5], as Canvas has it.
typedef struct {
  float m[6];
} Affine;

typedef struct {
  float x, y, w, h;
} Rect;

// A rectangle with round corners in a space of its own.
typedef struct {
  Rect rect;
  float radius;
  Affine to_frame;
  // Worked out: from the frame into its space, and pixels of the frame for one unit of it.
  double inv[6], scale;
} Area;

// false: it has no extent.
int prepare_area(Area *a);
// Rows [top, bottom) and columns [left, right) outside of which it covers nothing.
void area_bounds(const Area *a, const Frame *f, int *left, int *top, int *right, int *bottom);
// How much of each pixel of a row is covered, 0 to 255, columns [left, right) of it into cover[0..].
// How much of a row is certain: columns [whole, until) of it are covered wholly.
typedef struct {
  int whole, until;
} Run;
// Rows [from, to) of an upright area that are covered all alike: not its ends, nor its round corners.
void alike_rows(const Area *a, int *from, int *to);
Run area_row(const Area *a, int y, int left, int right, u8 *cover);

typedef enum { OVER, SCREEN, SOFT_LIGHT, MULTIPLY, BLENDS } Blend;

typedef struct {
  int is_shape, has_clip;
  const Texture *texture;
  u8 colour[4];
  Blend blend;
  float alpha;
  Rect from, to;
  Affine transform;
  Area area, clip;
} Draw;

// hidden: what is drawn there will be covered by draws that come later.
void carry_out(Frame *f, const Draw *d, Span hidden);
// The pixels that a draw covers wholly, whatever was there before: an upright, opaque rectangle.
Span covered_by(const Frame *f, const Draw *d);

// Bilinear sampling of one plane along one axis: for a target of `count` pixels, the source pixel before each and the
// share of the one after it, in 128ths across and 32768ths down.
typedef struct {
  int count, step_is_small, is_copy, first;
  int32_t *index;
  u8 *shares;
  int32_t *base;
  u8 *pick;
} Across;

// source: start of the part in pixels of the plane, `per` of them for a pixel of the target, which has `size` of them.
void plan_across(Across *a, int count, double source, double per, int size);
void scale_row(const u8 *row, const Across *a, int16_t *out);
void mix_rows(const int16_t *above, const int16_t *below, int share, u8 *out, int count);

void blend_even(u8 *d, const u8 *s, int alpha, int count);
void blend_cover(u8 *d, const u8 *s, const u8 *cover, int count);
void blend_premultiplied(u8 *d, const u8 *s, const u8 *a, int count);
void blend_premultiplied_cover(u8 *d, const u8 *s, const u8 *a, const u8 *cover, int count);
void fill_cover(u8 *d, int value, const u8 *cover, int count);
void fill_even(u8 *d, int value, int alpha, int count);
void scale_cover(u8 *cover, int alpha, int count);
void multiply_cover(u8 *cover, const u8 *by, int count);
void halve_cover(const u8 *upper, const u8 *lower, u8 *out, int count);

// Blends a pair of rows of the frame in RGB, `count` pixels (even) each. source: red, green and blue of both, every row
// ROW after the one before.
enum { ROW = SIDE + EDGE };
void blend_colours(Blend blend, u8 *y[2], u8 *u, u8 *v, const u8 *source, const u8 *cover[2], int count);
#endif
