#include "vision/camera_follower.h"

#include <algorithm>
#include <cmath>

#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include "vision/read_ahead.h"
#include "vision/shrink.h"

namespace mottix {
namespace {

constexpr int kCorners = 200, kWatchedCorners = 60;
constexpr std::size_t kFewestCorners = 12;
constexpr double kLeastShare = 0.25;  // of the corners must agree: a lifter hides half of them at most
constexpr double kAgreePx = 0.5;
constexpr double kWide = 0.4;  // of the picture's width: the middle four fifths of those that agree
// Beyond this part of the width the lifter is no longer seen from the same side, and the corners leave the
// picture.
constexpr double kFarthest = 0.15;
constexpr double kLeastSdPx = 0.1;  // of the fitted shift, in the pictures looked at: corners slip together

// A camera that stands seems to move by less than this, noise and a lifter in front included; one in a hand
// strays by many times as much. A pixel or so in a picture of 1280.
constexpr double kStandsPx = 0.3, kStandsAtEdgePx = 0.6;
constexpr int kWatchedWidth = 400;
constexpr int kFollowedHeight = 360;

}  // namespace

// The strongest corners of each part of the picture, so that a plate of many does not outvote the scenery.
SceneCorners::SceneCorners(const cv::Mat& gray, int most) : reference_(gray.clone()) {
  constexpr int kAcross = 4, kDown = 3;
  for (int row = 0; row < kDown; ++row)
    for (int column = 0; column < kAcross; ++column) {
      const cv::Rect cell(cv::Point(gray.cols * column / kAcross, gray.rows * row / kDown),
                          cv::Point(gray.cols * (column + 1) / kAcross, gray.rows * (row + 1) / kDown));
      std::vector<cv::Point2f> found;
      cv::goodFeaturesToTrack(reference_(cell), found, std::max(1, most / (kAcross * kDown)), 0.02, 7.0, {},
                              5);
      for (const cv::Point2f& p : found)
        corners_.emplace_back(p.x + static_cast<float>(cell.x), p.y + static_cast<float>(cell.y));
    }
}

PictureMove SceneCorners::findMove(const cv::Mat& gray) {
  PictureMove none;
  none.known = false;
  if (corners_.size() < kFewestCorners || gray.size() != reference_.size()) return none;
  const Vec2 middle(0.5 * gray.cols, 0.5 * gray.rows);
  const cv::TermCriteria stop(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 20, 0.01);
  auto find = [&](const PictureMove& guess) {
    std::vector<cv::Point2f> there;
    const double c = std::exp(guess.log_scale) * std::cos(guess.turn_rad),
                 s = std::exp(guess.log_scale) * std::sin(guess.turn_rad);
    for (const cv::Point2f& p : corners_) {
      const Vec2 d = Vec2(p.x, p.y) - middle;
      const Vec2 q = middle + guess.shift_px + Vec2(c * d.x() - s * d.y(), s * d.x() + c * d.y());
      there.emplace_back(static_cast<float>(q.x()), static_cast<float>(q.y()));
    }
    std::vector<uchar> ok;
    std::vector<float> error;
    cv::calcOpticalFlowPyrLK(reference_, gray, corners_, there, ok, error, {15, 15}, 2, stop,
                             cv::OPTFLOW_USE_INITIAL_FLOW);
    std::vector<cv::Point2f> from, to;
    for (std::size_t i = 0; i < corners_.size(); ++i) {
      if (ok[i] == 0) continue;
      from.push_back(corners_[i]);
      to.push_back(there[i]);
    }
    PictureMove move;
    move.known = false;
    if (from.size() < kFewestCorners) return move;
    std::vector<uchar> agrees;
    const cv::Mat m = cv::estimateAffinePartial2D(from, to, agrees, cv::RANSAC, kAgreePx, 1000, 0.995, 10);
    if (m.empty()) return move;
    const double a = m.at<double>(0, 0), b = m.at<double>(1, 0);
    const double scale = std::hypot(a, b);
    double squares = 0.0, count = 0.0;
    std::vector<float> across;
    for (std::size_t i = 0; i < from.size(); ++i) {
      if (agrees[i] == 0) continue;
      across.push_back(from[i].x);
      const double x = a * from[i].x - b * from[i].y + m.at<double>(0, 2) - to[i].x,
                   y = b * from[i].x + a * from[i].y + m.at<double>(1, 2) - to[i].y;
      squares += 0.5 * (x * x + y * y);
      count += 1.0;
    }
    if (count < static_cast<double>(kFewestCorners) ||
        count < kLeastShare * static_cast<double>(corners_.size()) || std::abs(scale - 1.0) > kFarthest)
      return move;
    // A lifter with his bar is narrow, the scenery wide.
    std::sort(across.begin(), across.end());
    if (across[across.size() * 9 / 10] - across[across.size() / 10] <
        kWide * static_cast<double>(reference_.cols))
      return move;
    move.turn_rad = std::atan2(b, a);
    move.log_scale = std::log(scale);
    move.shift_px = Vec2(a * middle.x() - b * middle.y() + m.at<double>(0, 2),
                         b * middle.x() + a * middle.y() + m.at<double>(1, 2)) -
                    middle;
    // Four numbers are fitted; a point away from the corners' middle is less certain than they are.
    move.sd_px = std::max(kLeastSdPx, 2.0 * std::sqrt(squares / count / count));
    move.known = move.shift_px.norm() < kFarthest * gray.cols;
    return move;
  };
  PictureMove move = find(last_);
  if (!move.known && last_.shift_px.norm() > 1.0) move = find({});  // it may have come back
  if (move.known) last_ = move;
  return move;
}

void CameraWatch::look(const cv::Mat& gray) {
  const int by = std::max(1, gray.cols / kWatchedWidth);
  const cv::Mat small = shrunkBy(gray, by);
  if (!corners_) {
    corners_.emplace(small, kWatchedCorners);
    return;
  }
  const PictureMove move = corners_->findMove(small);
  ++looked_;
  if (move.known) ++known_;
  away_ = move.known ? 0 : away_ + 1;
  if (known_ > 0) longest_away_ = std::max(longest_away_, away_);
  const double at_edge_px = 0.5 * small.cols * std::hypot(move.turn_rad, move.log_scale);
  if (move.known && (move.shift_px.norm() > kStandsPx || at_edge_px > kStandsAtEdgePx)) ++shaken_;
}

bool CameraWatch::moved() const {
  constexpr std::size_t kFewest = 3;
  // Scenery that was recognised and then is not any more: swung away, or another shot.
  constexpr std::size_t kAway = 2;
  if (known_ >= kFewest && longest_away_ >= kAway) return true;
  return shaken_ >= kFewest && 10 * shaken_ > looked_;
}

Expected<std::vector<PictureMove>> followCamera(const std::filesystem::path& path, std::size_t reference,
                                                const std::function<bool(double)>& progress) {
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  const std::size_t frames = film->frameCount();
  reference = std::min(reference, frames - 1);
  const int by = std::max(1, std::min(film->info().width_px, film->info().height_px) / kFollowedHeight);
  film->shrinkTo(1.0 / by);
  PictureMove unknown;
  unknown.known = false;
  std::vector<PictureMove> moves(frames, unknown);
  FramePicture picture;
  auto got = film->readAt(reference, picture, Want::kGray);
  if (!got) return tl::make_unexpected(got.error());
  if (!*got) return moves;
  const SceneCorners scene(picture.gray, kCorners);
  SceneCorners onward = scene;
  std::size_t done = 0;
  bool stopped = false;
  auto visit = [&](SceneCorners& corners, const FramePicture& p) {
    PictureMove move = corners.findMove(p.gray);
    move.shift_px *= by;
    move.sd_px *= by;
    moves[p.index] = move;
    if (++done % 16 == 0 && progress && !progress(static_cast<double>(done) / static_cast<double>(frames)))
      stopped = true;
    return !stopped;
  };
  {
    ReadAhead ahead(*film, Want::kGray);
    while (got && *got) {
      if (!visit(onward, picture)) return fail(Remedy::kCancelled, "Stopped.");
      got = ahead.next(picture);
    }
  }
  if (!got) return tl::make_unexpected(got.error());
  if (reference > 0) {
    SceneCorners back = scene;
    auto read = readBackward(*film, reference - 1, Want::kGray,
                             [&](const FramePicture& p) { return visit(back, p); });
    if (!read) return tl::make_unexpected(read.error());
  }
  return moves;
}

}  // namespace mottix
