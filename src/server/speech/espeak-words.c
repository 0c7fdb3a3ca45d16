/* Speaks standard input with an eSpeak NG voice into a WAV file and prints when each word begins.
 * usage: espeak-words LANGUAGE VARIANT OUT.wav WORDS_PER_MINUTE   (LANGUAGE: "de", VARIANT: "f2")
 * output: {"rate":22050,"words":[{"at":C,"start":S},...],"sounds":[{"name":"ɪ","start":S},...],"samples":N}; C counts letters
 * from 0; sounds are in IPA, a pause has an empty name. */
#include <espeak-ng/speak_lib.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

static FILE *out;
static unsigned samples;
static int printed;
static char sounds[1 << 18];
static size_t sounds_length;

/* A name has eight bytes at most and may not be closed. */
static void sound(const char *name, double start) {
  char plain[9] = "";
  for (int i = 0, k = 0; i < 8 && name[i]; i++)
    if (name[i] != '"' && name[i] != '\\' && (unsigned char)name[i] >= ' ') plain[k++] = name[i];
  int n = snprintf(sounds + sounds_length, sizeof sounds - sounds_length, "%s{\"name\":\"%s\",\"start\":%.3f}",
                   sounds_length ? "," : "", plain, start);
  if (n > 0 && sounds_length + n < sizeof sounds) sounds_length += n;
  else sounds[sounds_length] = 0;
}

static int take(short *wave, int count, espeak_EVENT *event) {
  if (wave && count > 0) {
    if (fwrite(wave, 2, count, out) != (size_t)count) return 1;
    samples += count;
  }
  for (; event->type != espeakEVENT_LIST_TERMINATED; event++)
    if (event->type == espeakEVENT_PHONEME)
      sound(event->id.string, event->audio_position / 1000.0);
    else if (event->type == espeakEVENT_WORD)
      printf("%s{\"at\":%d,\"start\":%.3f}", printed++ ? "," : "", event->text_position - 1,
             event->audio_position / 1000.0);
  return 0;
}

static void put(unsigned value, int bytes) {
  for (int i = 0; i < bytes; i++) fputc(value >> (8 * i) & 255, out);
}

static void head(unsigned rate) {
  rewind(out);
  fputs("RIFF", out); put(36 + samples * 2, 4);
  fputs("WAVEfmt ", out); put(16, 4); put(1, 2); put(1, 2); put(rate, 4); put(rate * 2, 4); put(2, 2); put(16, 2);
  fputs("data", out); put(samples * 2, 4);
}

int main(int argc, char **argv) {
  static char text[16384];
  char name[64];
  if (argc != 5) return 2;
  size_t n = fread(text, 1, sizeof text - 1, stdin);
  text[n] = 0;
  int rate = espeak_Initialize(AUDIO_OUTPUT_SYNCHRONOUS, 0, NULL,
                               espeakINITIALIZE_DONT_EXIT | espeakINITIALIZE_PHONEME_EVENTS | espeakINITIALIZE_PHONEME_IPA);
  if (rate < 0) return 3;
  espeak_VOICE wanted = { .languages = argv[1] };
  if (espeak_SetVoiceByProperties(&wanted) != EE_OK) return 4;
  snprintf(name, sizeof name, "%s+%s", espeak_GetCurrentVoice()->identifier, argv[2]);
  if (espeak_SetVoiceByName(name) != EE_OK) return 4;
  espeak_SetParameter(espeakRATE, atoi(argv[4]), 0);
  out = fopen(argv[3], "wb");
  if (!out) return 5;
  head(rate);
  espeak_SetSynthCallback(take);
  printf("{\"rate\":%d,\"words\":[", rate);
  if (espeak_Synth(text, n + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8, NULL, NULL) != EE_OK) return 6;
  espeak_Synchronize();
  head(rate);
  if (fclose(out)) return 5;
  printf("],\"sounds\":[%s],\"samples\":%u}\n", sounds, samples);
  return 0;
}
