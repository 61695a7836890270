#include "core/motion/phase_match.h"

#include <algorithm>
#include <cmath>

#include "core/motion/tracks.h"

namespace mottix {
namespace {

// Share of the way between two pictures that the bar has made at one between them.
double shareAt(const RepOfFilm& r, std::size_t a, std::size_t b, std::size_t frame) {
  const double from = (*r.height)[a].value.value, way = (*r.height)[b].value.value - from;
  if (std::abs(way) < 1e-6) return 0.0;
  return std::clamp(((*r.height)[frame].value.value - from) / way, 0.0, 1.0);
}

// First picture between two on which the bar has made that share of the way.
std::size_t withShare(const RepOfFilm& r, std::size_t a, std::size_t b, double share) {
  std::size_t f = a;
  while (f < b && shareAt(r, a, b, f) < share) ++f;
  return f > a && share - shareAt(r, a, b, f - 1) < shareAt(r, a, b, f) - share ? f - 1 : f;
}

}  // namespace

std::size_t matchedFrame(const RepOfFilm& from, std::size_t frame, const RepOfFilm& to) {
  const Rep &a = from.rep, &b = to.rep;
  const auto &ta = *from.time_s, &tb = *to.time_s;
  if (frame <= a.start_frame) return nearestFrame(tb, tb[b.start_frame] - (ta[a.start_frame] - ta[frame]));
  if (frame >= a.end_frame) return nearestFrame(tb, tb[b.end_frame] + (ta[frame] - ta[a.end_frame]));
  if (frame < a.turn_frame)
    return withShare(to, b.start_frame, b.turn_frame, shareAt(from, a.start_frame, a.turn_frame, frame));
  if (frame > a.leave_frame)
    return withShare(to, b.leave_frame, b.end_frame, shareAt(from, a.leave_frame, a.end_frame, frame));
  if (a.leave_frame == a.turn_frame) return b.turn_frame;
  const double part = (ta[frame] - ta[a.turn_frame]) / (ta[a.leave_frame] - ta[a.turn_frame]);
  return nearestFrame(tb, tb[b.turn_frame] + part * (tb[b.leave_frame] - tb[b.turn_frame]));
}

}  // namespace mottix
