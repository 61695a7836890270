#include <algorithm>
#include <chrono>
#include <cstdio>

#include "bench/accuracy.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

double secondsOf(const auto& work) {
  const auto start = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

double medianOf(std::vector<double> v) {
  std::sort(v.begin(), v.end());
  return v[v.size() / 2];
}

}  // namespace

int printSpeed(const std::vector<std::filesystem::path>& clips, int rounds) {
  std::puts("| clip | film s | decode only s | bar tracking s | tracking / decode | range over the rounds |");
  std::puts("|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    std::vector<double> decode, track, ratio;
    double film_s = 0.0;
    for (int i = 0; i <= rounds; ++i) {
      bool ok = true;
      const double d = secondsOf([&] {
        auto film = Film::open(path);
        ok = film.has_value();
        if (!ok) return;
        film_s = film->info().duration_s;
        FramePicture picture;
        for (auto got = film->readNext(picture, Want::kGray); got && *got;
             got = film->readNext(picture, Want::kGray)) {
        }
      });
      const double t = secondsOf([&] { ok = ok && trackBar(path).has_value(); });
      if (!ok) {
        std::fprintf(stderr, "%s cannot be tracked\n", path.c_str());
        return 1;
      }
      if (i == 0) continue;  // warm-up
      decode.push_back(d);
      track.push_back(t);
      ratio.push_back(t / d);
    }
    std::printf("| %s | %.1f | %.2f | %.2f | %.2f | %.2f-%.2f |\n", path.stem().c_str(), film_s,
                medianOf(decode), medianOf(track), medianOf(ratio),
                *std::min_element(ratio.begin(), ratio.end()), *std::max_element(ratio.begin(), ratio.end()));
  }
  return 0;
}

}  // namespace mottix
