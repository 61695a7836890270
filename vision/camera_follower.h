// How a hand-held camera moves, read from what stands still behind the lifter.
//
// Corners of one picture are found again in every other (pyramidal Lucas-Kanade, lucas1981, started from
// where the camera was a picture before), so that nothing adds up over the film. A similarity is fitted to
// them (RANSAC, fischler1981, then least squares over those that agree); lifter, bar and passers-by do not
// agree.
//
// Failure: in a picture in which too few corners are found again, or that lies too far from the reference
// (the camera was swung round, the film was cut), the move is not known.
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"
#include "vision/film.h"

namespace mottix {

// One picture's corners found again in others of the same size.
class SceneCorners {
 public:
  SceneCorners(const cv::Mat& gray, int most);
  // The move of `gray` against the first picture, in pixels of these pictures.
  PictureMove findMove(const cv::Mat& gray);

 private:
  cv::Mat reference_;
  std::vector<cv::Point2f> corners_;
  PictureMove last_;  // the latest known one
};

// Looks at a picture now and then while a film is read for something else: whether the camera moves at all,
// or the film is cut.
class CameraWatch {
 public:
  void look(const cv::Mat& gray);
  bool moved() const;

 private:
  std::optional<SceneCorners> corners_;
  std::size_t shaken_ = 0, looked_ = 0, known_ = 0, away_ = 0, longest_away_ = 0;
};

// The move of every picture against `reference`, in the film's pixels. `progress` as everywhere.
Expected<std::vector<PictureMove>> followCamera(const std::filesystem::path& film, std::size_t reference,
                                                const std::function<bool(double)>& progress = {});

}  // namespace mottix
