// The points of a body in a picture, read by a small network.
//
// The reader looks at a turned square round the body (256 x 256) and names 33 points; a point is refined by
// its heat map where that is sure of it; if asked, the reader also says which pixels are the person. Trained
// by others on photographs of people (resources/models/README.md); what it says of a point's presence is not
// an accuracy: errors come from clips with truth (core/motion/seen_joints.h).
//
// One network object is used by one thread at a time.
//
// Failure: the model file is missing or damaged (kMarkByHand: joints are then placed by hand).
#pragma once

#include <array>
#include <filesystem>
#include <memory>
#include <optional>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"

namespace mottix {

// A turned square round a body; `turn_rad` is clockwise from upright.
struct BodySquare {
  Vec2 middle_px = Vec2::Zero();
  double side_px = 0.0;
  double turn_rad = 0.0;
};

struct BodyPoint {
  Vec2 p_px = Vec2::Zero();
  double presence = 0.0;  // 0..1, as the network says
  double visible = 0.0;   // 0..1, as the network says
};

// The points in the network's own order that this program uses; left and right are the person's own.
enum class BodySide { kLeft, kRight };
std::size_t bodyPointOf(Joint joint, BodySide side);
inline constexpr std::size_t kBodyPointCount = 33;

struct BodyPoints {
  std::array<BodyPoint, kBodyPointCount> points;
  double presence = 0.0;  // of a person in the square, 0..1

  const BodyPoint& at(Joint joint, BodySide side) const { return points[bodyPointOf(joint, side)]; }
};

// What of a square belongs to the person in it.
struct BodyMask {
  BodySquare square;
  cv::Mat sure;  // 0..1, 32 bit, over the square's pixels; empty when nobody was read

  // Where the body ends from a point in it on a way (unit) of the picture; nothing when the point is not in
  // the body, or the body goes on for `reach_px`.
  std::optional<Vec2> findEnd(const Vec2& from_px, const Vec2& way_px, double reach_px) const;
};

class BodyPointNetwork {
 public:
  // `folder` holds body_points.onnx, made by the build from resources/models.
  static Expected<BodyPointNetwork> load(const std::filesystem::path& folder);
  BodyPointNetwork(BodyPointNetwork&&) noexcept;
  BodyPointNetwork& operator=(BodyPointNetwork&&) noexcept;
  ~BodyPointNetwork();

  // Points of the person in `square`. When nobody is there, `presence` is low and the points mean nothing.
  // `mask`: where asked for, what of the square is that person.
  BodyPoints readPoints(const cv::Mat& bgr, const BodySquare& square, BodyMask* mask = nullptr);

 private:
  struct Impl;
  explicit BodyPointNetwork(std::unique_ptr<Impl> impl);
  std::unique_ptr<Impl> impl_;
};

// The square for which the network was made (bazarevsky2020): round the hips, turned until the trunk is
// upright, a quarter larger than the circle round them that holds the body. A body in another one is read
// worse, a folded one a quarter of its height off at the hips.
BodySquare squareRound(const Vec2& hip_px, const Vec2& shoulder_px, double height_px);

// The hip where it is, of one that was read in such a square: the network sees it too far forward there.
Vec2 putHipBack(const Vec2& read_px, bool faces_left, double height_px);

// Nearer to the middle of the near plate than that, in its radii, a joint is hidden, and what a network says
// of it a guess: the rim hides what is near it. Own allowance.
inline constexpr double kGuessedOfRadius = 1.05;

// Where a program that lies in `program_folder` has its models: beside it in the build, or installed.
std::filesystem::path modelsFolder(const std::filesystem::path& program_folder);

}  // namespace mottix
