// The bar seen from the front or the rear: its two plates, edge on, left and right of the lifter.
//
// They are found by how they move. In pairs of pictures a moment apart, features that go straight up or down
// are collected by their column; two columns whose features go alike, at like heights, and spread over a
// plate's height, lie a bar apart: the plates' middles are 1.31-1.60 m from each other and 0.45 m tall, so
// that their distance is 3.3 times their height, whatever the scale. From the side nothing moves so far out.
//
// Then each plate is followed by its edges: the strength of the picture's vertical steps along its middle,
// row by row, is compared with that of the picture in which it was found; sideways likewise. Both are blind
// to whether the plate is darker or lighter than what is behind it.
//
// Failure: no such pair of columns (nothing); ends that are seldom seen together (kFilmAgain); a film that
// cannot be read (as in Film).
#pragma once

#include <array>
#include <functional>
#include <optional>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"
#include "vision/film.h"

namespace mottix {

// Two plates, left and right in some pictures (px); places are rough.
struct EndsFound {
  struct Place {
    std::size_t frame = 0;
    std::array<Vec2, 2> at_px;
  };
  std::vector<Place> places;  // at different heights, by frame
};

// Looks at pictures while a film is read for something else.
class EndsWatch {
 public:
  // `time_s` and the film's length say which pictures to look at.
  EndsWatch(const std::vector<double>& time_s);
  void look(const cv::Mat& gray, std::size_t frame);
  std::optional<EndsFound> find() const;

 private:
  struct Feature {
    Vec2 at;  // parts of the picture's width, in the second picture
    double down;
  };
  struct Pair {
    std::size_t frame = 0;  // of the second picture
    std::vector<Feature> features;
  };
  std::vector<std::size_t> first_;  // of each pair, ascending
  std::size_t apart_ = 1;           // frames
  std::size_t next_ = 0;
  cv::Mat before_;
  std::size_t before_frame_ = 0;
  double width_px_ = 0.0;
  std::vector<Pair> pairs_;
};

// Middles of the plates, left and right in the picture, one a frame each; `radius_px` is half a plate's
// height. Error kMarkByHand where the plates' outlines are not seen well enough to follow.
Expected<std::array<std::vector<BarSample>, 2>> followEnds(const std::filesystem::path& film,
                                                           const EndsFound& found,
                                                           const std::function<bool(double)>& progress = {});

}  // namespace mottix
