/* Speaks standard input with a Flite voice into a WAV file and prints when each word is said.
 * usage: flite-words VOICE OUT.wav DURATION_STRETCH   (voices: slt, rms, awb)
 * output: {"rate":16000,"samples":N,"words":[{"token":I,"start":S,"end":S},...],"sounds":[{"name":"ae","start":S,"end":S},...]};
 * I counts white-space tokens from 0; sounds are those of the CMU dictionary, pauses among them. */
#include <flite/flite.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

cst_voice *register_cmu_us_slt(const char *);
cst_voice *register_cmu_us_rms(const char *);
cst_voice *register_cmu_us_awb(const char *);

int main(int argc, char **argv) {
  static char text[16384];
  if (argc != 4) return 2;
  size_t n = fread(text, 1, sizeof text - 1, stdin);
  text[n] = 0;
  flite_init();
  cst_voice *voice = NULL;
  if (!strcmp(argv[1], "slt")) voice = register_cmu_us_slt(NULL);
  else if (!strcmp(argv[1], "rms")) voice = register_cmu_us_rms(NULL);
  else if (!strcmp(argv[1], "awb")) voice = register_cmu_us_awb(NULL);
  if (!voice) return 3;
  flite_feat_set_float(voice->features, "duration_stretch", atof(argv[3]));
  cst_utterance *u = flite_synth_text(text, voice);
  if (!u || cst_wave_save_riff(utt_wave(u), argv[2]) != CST_OK_FORMAT) return 4;
  printf("{\"rate\":%d,\"samples\":%d,\"words\":[", utt_wave(u)->sample_rate, utt_wave(u)->num_samples);
  int token = 0, printed = 0;
  for (cst_item *t = relation_head(utt_relation(u, "Token")); t; t = item_next(t), token++)
    for (cst_item *d = item_daughter(t); d; d = item_next(d)) {
      cst_item *s = item_as(d, "SylStructure");
      if (!s || !item_daughter(s)) continue;
      printf("%s{\"token\":%d,\"start\":%.4f,\"end\":%.4f}", printed++ ? "," : "", token,
             ffeature_float(d, "R:SylStructure.daughter1.daughter1.R:Segment.p.end"),
             ffeature_float(d, "R:SylStructure.daughtern.daughtern.end"));
    }
  fputs("],\"sounds\":[", stdout);
  float from = 0;
  for (cst_item *s = relation_head(utt_relation(u, "Segment")); s; s = item_next(s)) {
    float to = item_feat_float(s, "end");
    printf("%s{\"name\":\"%s\",\"start\":%.4f,\"end\":%.4f}", from > 0 ? "," : "", item_name(s), from, to);
    from = to;
  }
  puts("]}");
  return 0;
}
