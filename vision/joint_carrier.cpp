#include "vision/joint_carrier.h"

#include <algorithm>
#include <cmath>
#include <deque>
#include <map>

#include <Eigen/Dense>
#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include "core/body/athlete_body.h"
#include "core/motion/pulled_joints.h"
#include "vision/back_outline.h"
#include "vision/read_ahead.h"

namespace mottix {
namespace {

// State: knee x, y, z; hip x, y; shoulder x, y (metres, body frame).
constexpr int kN = 7;
using State = Eigen::Matrix<double, kN, 1>;
using Cov = Eigen::Matrix<double, kN, kN>;

// What the constraints are trusted to; their errors last over many frames, hence the slack.
constexpr double kSlack = 2.0;
constexpr double kShankRel = 0.01, kThighRel = 0.01, kTrunkRel = 0.02;
constexpr double kShoulderOnBarM = 0.015;  // the bar rolls and the shoulder girdle gives by about this
// The bar lies before the hips: half a thigh between them. It goes up along the leg, its middle before the
// joints' line by half the leg's depth and its own radius (practice; depths of shank, knee and thigh:
// gordon1989); nearer it cannot be, and it drifts away now and then. Own allowances.
constexpr double kBarBeforeHipM = 0.05, kBarBeforeKneeM = 0.075, kShoulderAboveBarM = 0.35,
                 kInFrontSdM = 0.02, kDriftsSdM = 0.06;
// The shoulder joint is slightly before the bar from the floor to the knee, where arms hang from it
// (practice); at lock-out the bar lies before the thigh and the trunk is upright, so that it is behind the
// bar by about the thigh's half depth. Own allowances.
constexpr double kOverBarSdM = 0.03, kShoulderBehindAtTopM = 0.08, kKneePassedM = 0.25;
constexpr double kOnBenchM = 0.02;       // shoulder blades that shift; own allowance
constexpr double kSeatM = 0.10;          // a seat that leaves the bench, in one frame; own allowance
constexpr double kScaleRel = 0.02;       // of the body's scale: focal length ±10 % at 3 m
constexpr double kFarthestStepM = 0.15;  // from frame to frame: 4.5 m/s at 30 frames a second
constexpr double kLostStepM = 0.03;
constexpr double kOverstraightM = 0.015;  // behind the leg's line; own allowance
constexpr double kKneeSideStepM = 0.012;  // sideways motion of the knee in one frame
constexpr double kFlowFloorPx = 0.15;
constexpr double kFlowOfMotion = 0.25;  // skin and cloth slide over the joint by about 8 % of a long
                                        // movement, which over some 40 frames is this part of each step
// Of the bar's own motion, what flow may leave out of a leg that passes behind the plate. Own allowances.
constexpr double kKneeUnseenOfBar = 0.15, kHipUnseenOfBar = 0.15;
// Somebody who walks by before the plate is before the body a little sooner or later. Meanwhile a joint moves
// unseen, by so much from frame to frame. Own allowances.
constexpr double kWalksBy_s = 0.1, kCoveredStepM = 0.02;
constexpr double kLockedOut = 0.97;  // part of the bar's way
// What is known of lock-out is wrong alike in all pictures of a hold, some sixteen.
constexpr double kHeldSlack = 4.0;
// What stays wrong when everything fits: joint centres against skin, as a part of the plate's radius.
constexpr double kModelOfRadius = 0.03, kHiddenOfRadius = 0.06;
// From the floor up the plate comes before the thigh and at lock-out hides the hip, so that hip and trunk are
// known worse and worse, in every rep anew: by so much a plate's radius of the way. Own allowance.
constexpr double kPulledOfRadius = 0.25, kWholePull_m = 0.55;
// The hip against the hindmost point of the outline: by so much less sure the more the bar has risen, since a
// turning pelvis shows another point. Seen anew in every third frame, but wrong alike, so that each counts
// for little. Somebody who walks by is elsewhere. Own allowances.
constexpr std::size_t kOutlineEvery = 3;
const Vec2 kHipOfHindmostM{0.02, 0.03};
constexpr double kFarFromUsual = 3.0;  // standard deviations
constexpr double kHindmostTurns_m = 0.3, kHindmostShows = 0.8, kOutlineElsewhereM = 0.25;
// How much more or less a joint goes astray than all this says, on the films of
// core/motion/joint_corrections.h and presses 301-304.
constexpr double kKneeStated = 1.5, kShoulderOnBackStated = 0.3, kHipHeldStated = 1.0,
                 kShoulderHeldStated = 0.6, kKneeHeldStated = 3.5, kLyingStated = 0.4;

// A network reads the body along the way, in the square laid by where it was carried to. How far off it reads
// a joint on each axis, as a part of the height (squats and deadlifts 301-306 of the simulated camera, in no
// table of docs/accuracy.md; `risen`: part of a pull): the plate stands before a folded lifter's knee, and
// bare arms draw the shoulder forward at lock-out. It counts more than that beside what moves, whose own
// errors are stated wide; that, too, was read off those films. Beyond so many standard deviations it is
// somebody else's.
constexpr double kReadEvery_s = 0.2, kReadSure = 0.9, kReadElsewhere = 4.0, kReadCounts = 0.7;
double readScatter(Hold hold, Joint joint, double risen) {
  const bool on_back = hold == Hold::kOnBack;
  switch (joint) {
    case Joint::kKnee:
      return on_back ? 0.015 : 0.045 - 0.02 * risen;
    case Joint::kHip:
      return on_back ? 0.02 : 0.015 + 0.01 * risen;
    default:
      return on_back ? 0.05 : 0.02 + 0.035 * risen;
  }
}

struct Limb {
  Vec2 from, to;
  bool thigh;
};

// How the two joints at the ends of a limb's part have moved.
struct Motion {
  Vec2 knee_px = Vec2::Zero(), hip_px = Vec2::Zero();
  double knee_sd_px = 1e3, hip_sd_px = 1e3;
};
// Shank and thigh from an ankle that stands still; or the trunk alone, whose ends then stand for knee and
// hip.
std::array<Limb, 2> legOf(const Vec2& ankle, const Vec2& knee, const Vec2& hip) {
  return {Limb{ankle, knee, false}, Limb{knee, hip, true}};
}
std::array<Limb, 2> trunkOf(const Vec2& hip, const Vec2& shoulder) {
  return {Limb{hip, shoulder, true}, Limb{hip, shoulder, true}};
}

constexpr double kMinSlope = 1.5;  // grey levels a pixel: below, a pixel tells nothing but noise

// How a point on the leg moves when knee and hip move, linear in (knee dx, dy, hip dx, dy). A point at the
// fraction s along its segment moves as the blend of the ends; beside the axis the segment's turn is added.
using Row = Eigen::Matrix<double, 2, 4>;
Row motionRow(const std::array<Limb, 2>& segments, const Vec2& p) {
  const Limb* best = nullptr;
  double best_off = 1e9, best_s = 0.0;
  for (const Limb& s : segments) {
    const Vec2 d = s.to - s.from;
    const double along = std::clamp((p - s.from).dot(d) / std::max(1.0, d.squaredNorm()), 0.0, 1.0);
    const double off = (p - s.from - along * d).norm();
    if (off < best_off) {
      best_off = off;
      best_s = along;
      best = &s;
    }
  }
  const Vec2 d = best->to - best->from;
  const double length = std::max(1.0, d.norm());
  const Vec2 axis = d / length, normal(-axis.y(), axis.x());
  const double off = (p - best->from).dot(normal);
  const Eigen::Matrix2d turn = (off / length) * axis * normal.transpose();
  const Eigen::Matrix2d blend_to = best_s * Eigen::Matrix2d::Identity() - turn;
  Row row = Row::Zero();
  if (best->thigh) {
    row.leftCols<2>() = (1 - best_s) * Eigen::Matrix2d::Identity() + turn;
    row.rightCols<2>() = blend_to;
  } else {
    row.leftCols<2>() = blend_to;  // the ankle stands still
  }
  return row;
}

// Refines the motion on all pixels of the mask at once (direct alignment, Gauss-Newton with robust weights):
// plain clothing has few corners, but its outline still tells how the limb turns. False when there is too
// little to see.
bool alignLeg(const cv::Mat& before, const cv::Mat& after, const cv::Mat& mask, const Vec2& origin,
              const std::array<Limb, 2>& segments, Eigen::Vector4d& x, Eigen::Matrix4d& covariance) {
  struct Pixel {
    Vec2 p;  // in the region, centres at integers
    float grey;
    Row row;
  };
  bool solved = false;
  for (const double blur : {3.0, 1.2}) {
    cv::Mat a, b, gx, gy;
    cv::GaussianBlur(before, a, {}, blur);
    cv::GaussianBlur(after, b, {}, blur);
    a.convertTo(a, CV_32F);
    b.convertTo(b, CV_32F);
    cv::Scharr(b, gx, CV_32F, 1, 0, 1.0 / 32.0);
    cv::Scharr(b, gy, CV_32F, 0, 1, 1.0 / 32.0);
    cv::Mat ax, ay;
    cv::Scharr(a, ax, CV_32F, 1, 0, 1.0 / 32.0);
    cv::Scharr(a, ay, CV_32F, 0, 1, 1.0 / 32.0);
    std::vector<Pixel> pixels;
    for (int y = 2; y + 2 < a.rows; ++y)
      for (int px = 2 + y % 2; px + 2 < a.cols; px += 2) {
        if (mask.at<uchar>(y, px) == 0) continue;
        const float sx = ax.at<float>(y, px), sy = ay.at<float>(y, px);
        if (sx * sx + sy * sy < kMinSlope * kMinSlope) continue;
        const Vec2 p(px, y);
        pixels.push_back({p, a.at<float>(y, px), motionRow(segments, p + origin)});
      }
    if (pixels.size() < 60) continue;
    double noise = 6.0;
    for (int round = 0; round < 8; ++round) {
      Eigen::Matrix4d h = Eigen::Matrix4d::Identity() * 1e-3;
      Eigen::Vector4d g = Eigen::Vector4d::Zero();
      std::vector<float> residuals;
      residuals.reserve(pixels.size());
      for (const Pixel& q : pixels) {
        const Vec2 at = q.p + q.row * x;
        const int xi = static_cast<int>(std::floor(at.x())), yi = static_cast<int>(std::floor(at.y()));
        if (xi < 0 || yi < 0 || xi + 1 >= b.cols || yi + 1 >= b.rows) continue;
        const auto fx = static_cast<float>(at.x() - xi), fy = static_cast<float>(at.y() - yi);
        auto sample = [&](const cv::Mat& m) {
          const float* r0 = m.ptr<float>(yi) + xi;
          const float* r1 = m.ptr<float>(yi + 1) + xi;
          const float top = r0[0] + fx * (r0[1] - r0[0]), low = r1[0] + fx * (r1[1] - r1[0]);
          return top + fy * (low - top);
        };
        const double e = sample(b) - q.grey;
        residuals.push_back(static_cast<float>(std::abs(e)));
        const double r = e / (3.0 * noise);
        const double w = 1.0 / (1.0 + r * r);
        const Eigen::Vector4d j = q.row.transpose() * Vec2(sample(gx), sample(gy));
        h += w * j * j.transpose();
        g += w * j * e;
      }
      if (residuals.size() < 60) return solved;
      auto mid = residuals.begin() + static_cast<long>(residuals.size() / 2);
      std::nth_element(residuals.begin(), mid, residuals.end());
      noise = std::clamp(1.5 * static_cast<double>(*mid), 1.0, 10.0);
      const Eigen::Vector4d d = h.ldlt().solve(-g);
      if (!d.allFinite() || d.norm() > 60.0) return solved;
      x += d;
      // Neighbouring pixels share their noise: with every other one taken, one in five is independent.
      covariance = 5.0 * noise * noise * h.inverse();
      if (d.norm() < 0.01) break;
    }
    solved = true;
  }
  return solved;
}

constexpr double kMovedGrey = 9.0;         // grey levels; above the noise of an indoor phone film
constexpr std::size_t kEarlierFrames = 8;  // how long ago "earlier" is
constexpr double kEarlierOfRadius = 0.25;  // and how far the bar must have moved since

// First estimate from corner features that find their way back. Nothing when there are too few.
std::optional<Eigen::Vector4d> findFeatureMotion(const cv::Mat& before, const cv::Mat& after,
                                                 const cv::Mat& mask, const Vec2& origin,
                                                 const std::array<Limb, 2>& segments) {
  std::vector<cv::Point2f> start, end, back;
  cv::goodFeaturesToTrack(before, start, 120, 0.004, 4.0, mask, 5);
  if (start.size() < 6) return std::nullopt;
  std::vector<uchar> ok, ok_back;
  std::vector<float> err;
  const cv::TermCriteria stop(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 20, 0.02);
  cv::calcOpticalFlowPyrLK(before, after, start, end, ok, err, {15, 15}, 3, stop);
  cv::calcOpticalFlowPyrLK(after, before, end, back, ok_back, err, {15, 15}, 3, stop);
  std::vector<Row> rows;
  std::vector<Vec2> flows;
  for (std::size_t i = 0; i < start.size(); ++i) {
    if (ok[i] == 0 || ok_back[i] == 0 || cv::norm(back[i] - start[i]) > 0.7) continue;
    rows.push_back(motionRow(segments, Vec2(start[i].x, start[i].y) + origin));
    flows.emplace_back(end[i].x - start[i].x, end[i].y - start[i].y);
  }
  if (rows.size() < 6) return std::nullopt;
  Eigen::Vector4d x = Eigen::Vector4d::Zero();
  double scale = 4.0;
  for (int round = 0; round < 10; ++round) {
    Eigen::Matrix4d normal = Eigen::Matrix4d::Identity() * 1e-3;
    Eigen::Vector4d right = Eigen::Vector4d::Zero();
    std::vector<double> residuals;
    const double cut = std::max(3.0 * scale, 0.5);
    for (std::size_t i = 0; i < rows.size(); ++i) {
      const double r = (flows[i] - rows[i] * x).norm();
      residuals.push_back(r);
      // Features far from the current motion belong to the background; the first rounds are lenient.
      const double q = r / cut;
      if (q >= 1.0) continue;
      const double w = (1 - q * q) * (1 - q * q);
      normal += w * rows[i].transpose() * rows[i];
      right += w * rows[i].transpose() * flows[i];
    }
    x = normal.ldlt().solve(right);
    auto mid = residuals.begin() + static_cast<long>(residuals.size() / 2);
    std::nth_element(residuals.begin(), mid, residuals.end());
    scale = std::clamp(1.2 * *mid, 0.1, 4.0);
  }
  return x;
}

// What never changes over the whole film is not the lifter: the rack, a safety arm in front, most of the
// room.
cv::Mat findStillScene(Film& film, const std::function<bool(double)>& report) {
  constexpr std::size_t kSamples = 40;
  const std::size_t every = std::max<std::size_t>(1, film.frameCount() / kSamples);
  cv::Mat low, high;
  FramePicture picture;
  for (std::size_t frame = 0; frame < film.frameCount(); frame += every) {
    const auto got = film.readAt(frame, picture, Want::kGray);
    if (!got || !*got) break;
    if (low.empty()) {
      low = picture.gray.clone();
      high = picture.gray.clone();
    } else {
      cv::min(low, picture.gray, low);
      cv::max(high, picture.gray, high);
    }
    if (!report(static_cast<double>(frame) / static_cast<double>(film.frameCount()))) break;
  }
  cv::Mat moving;
  if (low.empty()) return moving;
  cv::threshold(high - low, moving, 2.0 * kMovedGrey, 255, cv::THRESH_BINARY);
  // A lone noisy pixel is no movement; the rim of what moves belongs to it.
  cv::medianBlur(moving, moving, 5);
  cv::dilate(moving, moving, cv::getStructuringElement(cv::MORPH_ELLIPSE, {5, 5}));
  return moving;
}

// Motion of knee and hip (or hip and shoulder) between two pictures. `earlier` (may be empty) is a picture
// from a moment ago in which the lifter was elsewhere: what looks the same in it stands still and is not the
// lifter; `moving` marks what changes at all over the film.
Motion findLimbMotion(const cv::Mat& before, const cv::Mat& after, const cv::Mat& earlier,
                      const cv::Mat& moving, const std::array<Limb, 2>& segments, const BarSample& bar_before,
                      const BarSample& bar_after) {
  Motion motion;
  const double reach = 0.5 * (segments[0].to - segments[0].from).norm();
  const cv::Rect whole(0, 0, before.cols, before.rows);
  const std::array ends = {segments[0].from, segments[0].to, segments[1].from, segments[1].to};
  auto span = [&](int axis) {
    const auto [low, high] = std::minmax_element(
        ends.begin(), ends.end(), [axis](const Vec2& a, const Vec2& b) { return a[axis] < b[axis]; });
    return std::pair((*low)[axis] - reach, (*high)[axis] + reach);
  };
  const auto [x0, x1] = span(0);
  const auto [y0, y1] = span(1);
  const cv::Rect roi = cv::Rect(cv::Point(static_cast<int>(x0), static_cast<int>(y0)),
                                cv::Point(static_cast<int>(x1), static_cast<int>(y1))) &
                       whole;
  if (roi.width < 24 || roi.height < 24) return motion;
  const Vec2 origin(roi.x + 0.5, roi.y + 0.5);
  auto bandMask = [&](double width_of_length) {
    cv::Mat mask = cv::Mat::zeros(roi.size(), CV_8UC1);
    for (const Limb& s : segments) {
      const Vec2 a = s.from - origin, b = s.to - origin;
      const int width = std::max(3, static_cast<int>(width_of_length * (s.to - s.from).norm()));
      cv::line(mask, {static_cast<int>(a.x()), static_cast<int>(a.y())},
               {static_cast<int>(b.x()), static_cast<int>(b.y())}, cv::Scalar(255), width);
    }
    for (const BarSample* bar : {&bar_before, &bar_after}) {
      if (bar->state == TrackState::kLost) continue;
      const Vec2 c = bar->p_px - origin;
      cv::circle(mask, {static_cast<int>(c.x()), static_cast<int>(c.y())},
                 static_cast<int>(1.12 * bar->radius_px), cv::Scalar(0), cv::FILLED);
    }
    return mask;
  };
  // Inside the limb for corners; out to its outline for the alignment.
  cv::Mat inner = bandMask(0.28), outer = bandMask(0.5);
  const cv::Mat a = before(roi), b = after(roi);
  if (!moving.empty()) {
    inner &= moving(roi);
    outer &= moving(roi);
  }
  if (!earlier.empty()) {
    cv::Mat moved;
    cv::absdiff(a, earlier(roi), moved);
    cv::threshold(moved, moved, kMovedGrey, 255, cv::THRESH_BINARY);
    cv::dilate(moved, moved, cv::getStructuringElement(cv::MORPH_ELLIPSE, {7, 7}));
    inner &= moved;
    outer &= moved;
  }
  Eigen::Vector4d x = findFeatureMotion(a, b, inner, origin, segments).value_or(Eigen::Vector4d::Zero());
  Eigen::Matrix4d covariance;
  if (!alignLeg(a, b, outer, origin, segments, x, covariance)) return motion;
  motion.knee_px = x.head<2>();
  motion.hip_px = x.tail<2>();
  motion.knee_sd_px = std::hypot(kFlowFloorPx, std::sqrt(std::max(covariance(0, 0), covariance(1, 1))));
  motion.hip_sd_px = std::hypot(kFlowFloorPx, std::sqrt(std::max(covariance(2, 2), covariance(3, 3))));
  return motion;
}

// The leg and trunk as a chain, with what is known of it on the placed frame.
class Chain {
 public:
  Chain(const CarryInput& input) : camera_(input.camera), hold_(input.hold) {
    const auto& p = input.placed.joints;
    auto body = [&](Joint j) { return camera_.toBody(*p[indexOf(j)], lateral(j)); };
    ankle_ = body(Joint::kAnkle);
    ankle_px_ = *p[indexOf(Joint::kAnkle)];
    const Vec2 hip = body(Joint::kHip), shoulder = body(Joint::kShoulder);
    Vec2 knee = body(Joint::kKnee);
    double knee_z = lateral(Joint::kKnee);
    for (int round = 0; round < 3; ++round) {
      knee_z = kneeLateral(ankle_, knee, hip).value;
      knee = camera_.toBody(*p[indexOf(Joint::kKnee)], knee_z);
    }
    x_ << knee.x(), knee.y(), knee_z, hip.x(), hip.y(), shoulder.x(), shoulder.y();
    shank_ = length3(knee - ankle_, x_[2] - lateral(Joint::kAnkle));
    thigh_ = length3(hip - knee, lateral(Joint::kHip) - x_[2]);
    trunk_ = (shoulder - hip).norm();
    const BarSample& bar = input.bar[input.placed.frame];
    if (bar.state != TrackState::kLost) {
      bar0_ = camera_.barBody(bar.p_px);
      shoulder_on_bar_ = shoulder - bar0_;
      has_bar_ =
          hold_ == Hold::kOnBack || (hold_ == Hold::kInHands && input.placed.frame >= input.held_from &&
                                     input.placed.frame <= input.held_to);
    }
    if (hold_ == Hold::kInHands)
      for (const BarSample& b : input.bar)
        if (b.state != TrackState::kLost) highest_m_ = std::max(highest_m_, risen(b));
    lean0_ = lean(x_);
    p_.setZero();
    p_.diagonal() << 1e-6, 1e-6, 1e-6, 1e-6, 1e-6, 1e-6, 1e-6;
    p_ += alongKneeRay(0.03);
    start_x_ = x_;
    start_p_ = p_;
  }

  void restart() {
    bar_before_.reset();
    x_ = start_x_;
    p_ = start_p_;
  }

  Vec2 px(Joint j) const {
    switch (j) {
      case Joint::kKnee:
        return camera_.toPicture(x_.head<2>(), x_[2]);
      case Joint::kHip:
        return camera_.toPicture(x_.segment<2>(3), lateral(Joint::kHip));
      case Joint::kShoulder:
        return camera_.toPicture(x_.tail<2>(), lateral(Joint::kShoulder));
      default:
        return ankle_px_;
    }
  }
  double sd_px(Joint j) const {
    const int at = rowOf(j);
    const double sd_m = std::sqrt(std::max({0.0, p_(at, at), p_(at + 1, at + 1)}));
    return sd_m * 1000.0 / camera_.mmPerPx(lateral(Joint::kHip));
  }

  // How much higher the bar is than on the placed frame (m), not below zero.
  double risen(const BarSample& bar) const {
    return bar.state == TrackState::kLost ? kWholePull_m
                                          : std::max(0.0, (camera_.barBody(bar.p_px) - bar0_).y());
  }

  // The same, as a part of the bar's way.
  double risenPart(const BarSample& bar) const { return highest_m_ > 0.0 ? risen(bar) / highest_m_ : 1.0; }

  // Knee and hip as seen against an earlier picture of the same pose: no drift since then, but its error.
  void correct(const Vec2& knee_px, double knee_sd_px, const Vec2& hip_px, double hip_sd_px) {
    const double m_per_px = camera_.mmPerPx(lateral(Joint::kHip)) / 1000.0;
    Eigen::Matrix<double, 4, kN> h = Eigen::Matrix<double, 4, kN>::Zero();
    h(0, 0) = h(1, 1) = h(2, 3) = h(3, 4) = 1.0;
    Eigen::Vector4d z;
    z << camera_.toBody(knee_px, x_[2]), camera_.toBody(hip_px, lateral(Joint::kHip));
    Eigen::Vector4d var;
    var << Eigen::Vector2d::Constant(knee_sd_px), Eigen::Vector2d::Constant(hip_sd_px);
    var = (var * m_per_px).cwiseAbs2();
    const Eigen::Matrix4d s = h * p_ * h.transpose() + Eigen::Matrix4d(var.asDiagonal());
    const Eigen::Matrix<double, kN, 4> gain = p_ * h.transpose() * s.inverse();
    x_ += gain * (z - h * x_);
    const Cov i_kh = Cov::Identity() - gain * h;
    p_ = i_kh * p_ * i_kh.transpose() + gain * var.asDiagonal() * gain.transpose();
  }

  // The hip as seen, each coordinate with its error.
  void observeHip(const Vec2& hip_m, const Vec2& sd_m) {
    const Vec2 off = hip_m - hip();
    if (off.norm() > kOutlineElsewhereM) return;
    take(rowOf(Joint::kHip), off, sd_m.cwiseAbs2().asDiagonal());
  }
  Vec2 hip() const { return x_.segment<2>(3); }

  // A joint as a network reads it in the picture.
  void observe(Joint j, const Vec2& p_px, double sd_m) {
    const int at = rowOf(j);
    const Vec2 off = camera_.toBody(p_px, j == Joint::kKnee ? x_[2] : lateral(j)) - x_.segment<2>(at);
    const Eigen::Matrix2d noise = sd_m * sd_m * Eigen::Matrix2d::Identity();
    const Eigen::Matrix2d stated = p_.block<2, 2>(at, at) + noise;
    if (off.dot(stated.inverse() * off) > kReadElsewhere * kReadElsewhere) return;
    take(at, off, noise);
  }

  // Round the hips, turned until the trunk is upright.
  BodySquare square() const { return squareRound(px(Joint::kHip), px(Joint::kShoulder), height_px()); }
  // Of the lifter, as usual for the lengths that were placed.
  double height_px() const { return height_m() * 1000.0 / camera_.mmPerPx(lateral(Joint::kHip)); }
  double height_m() const {
    return (shank_ + thigh_ + trunk_) /
           (usualShare(Segment::kShank).value + usualShare(Segment::kThigh).value +
            usualShare(Segment::kTrunk).value);
  }

  // `covered`: somebody walks by, and nothing is known of how the leg and the trunk move.
  void step(Motion motion, const Motion& trunk, const BarSample& bar, bool held, bool covered) {
    held_ = held;
    const double m_per_px = camera_.mmPerPx(lateral(Joint::kHip)) / 1000.0;
    const State before = x_;
    if (trunk.knee_sd_px < 1e3) {
      // Leg and trunk both tell how the hip goes.
      const double leg_w = 1.0 / (motion.hip_sd_px * motion.hip_sd_px),
                   trunk_w = 1.0 / (trunk.knee_sd_px * trunk.knee_sd_px);
      motion.hip_px = (leg_w * motion.hip_px + trunk_w * trunk.knee_px) / (leg_w + trunk_w);
      motion.hip_sd_px = 1.0 / std::sqrt(leg_w + trunk_w);
    }
    // The picture's motion moves knee and hip; the shoulder follows the hip until the bar says better.
    const Vec2 knee = camera_.toBody(px(Joint::kKnee) + motion.knee_px, x_[2]);
    const Vec2 hip = camera_.toBody(px(Joint::kHip) + motion.hip_px, lateral(Joint::kHip));
    const Vec2 moved = hip - x_.segment<2>(3);
    x_.head<2>() = knee;
    x_.segment<2>(3) = hip;
    double shoulder_q = 0.05;
    if (trunk.hip_sd_px < 1e3) {
      x_.tail<2>() = camera_.toBody(px(Joint::kShoulder) + trunk.hip_px, lateral(Joint::kShoulder));
      shoulder_q = std::min(0.1, std::hypot(trunk.hip_sd_px, kFlowOfMotion * trunk.hip_px.norm()) * m_per_px);
    } else {
      x_.tail<2>() += moved;
    }
    auto step_sd = [&](double sd_px, const Vec2& d) {
      return std::min(0.1, std::hypot(sd_px, kFlowOfMotion * d.norm()) * m_per_px);
    };
    double knee_q = step_sd(motion.knee_sd_px, motion.knee_px),
           hip_q = step_sd(motion.hip_sd_px, motion.hip_px);
    if (covered) knee_q = hip_q = shoulder_q = kCoveredStepM;
    if (hold_ == Hold::kInHands && held && bar.state != TrackState::kLost && bar_before_) {
      // Behind the plate flow does not tell all of how the legs move.
      const double step_m = (camera_.barBody(bar.p_px) - *bar_before_).norm();
      knee_q = std::hypot(knee_q, kKneeUnseenOfBar * step_m);
      hip_q = std::hypot(hip_q, kHipUnseenOfBar * step_m);
    }
    bar_before_.reset();
    if (bar.state != TrackState::kLost) bar_before_ = camera_.barBody(bar.p_px);
    State q;
    q << knee_q, knee_q, 0.001, hip_q, hip_q, shoulder_q, shoulder_q;
    p_ += State(q.cwiseAbs2()).asDiagonal();
    p_ += alongKneeRay(kKneeSideStepM);
    solve(bar, before);
    // A jump is somebody else's leg, or the other one: the pose stays and is less sure.
    const double knee_step = (x_ - before).head<2>().norm(), hip_step = (x_ - before).segment<2>(3).norm();
    if (std::max(knee_step, hip_step) > kFarthestStepM) {
      const Vec2 shoulder_moved = (x_ - before).tail<2>();
      x_ = before;
      x_.tail<2>() += shoulder_moved;
      p_ += Cov::Identity() * (kLostStepM * kLostStepM);
    }
  }

 private:
  SideCamera camera_;
  Hold hold_;
  bool has_bar_ = false, held_ = true;
  Vec2 ankle_ = Vec2::Zero(), ankle_px_ = Vec2::Zero(), shoulder_on_bar_ = Vec2::Zero(), bar0_ = Vec2::Zero();
  double shank_ = 0.0, thigh_ = 0.0, trunk_ = 0.0, lean0_ = 0.0;
  std::optional<Vec2> bar_before_;
  double highest_m_ = 0.0;  // of the bar, over where it was on the placed frame
  State x_ = State::Zero(), start_x_ = State::Zero();
  Cov p_ = Cov::Zero(), start_p_ = Cov::Zero();

  // Kalman update: the joint whose rows begin at `at` was seen `off` from where it was thought to be.
  void take(int at, const Vec2& off, const Eigen::Matrix2d& noise) {
    Eigen::Matrix<double, 2, kN> h = Eigen::Matrix<double, 2, kN>::Zero();
    h(0, at) = h(1, at + 1) = 1.0;
    const Eigen::Matrix<double, kN, 2> gain = p_ * h.transpose() * (h * p_ * h.transpose() + noise).inverse();
    x_ += gain * off;
    const Cov i_kh = Cov::Identity() - gain * h;
    p_ = i_kh * p_ * i_kh.transpose() + gain * noise * gain.transpose();
  }

  static int rowOf(Joint j) { return j == Joint::kKnee ? 0 : j == Joint::kHip ? 3 : 5; }
  static double lateral(Joint j) { return lateralPrior(j).value; }
  static double length3(const Vec2& d, double dz) { return std::sqrt(d.squaredNorm() + dz * dz); }
  static double lean(const State& x) { return std::atan2(x[5] - x[3], x[6] - x[4]); }

  // Uncertainty of the knee along the line of sight: its place in the picture is known, its depth is not.
  Cov alongKneeRay(double sd_m) const {
    const Vec2 p = camera_.toPicture(x_.head<2>(), x_[2]);
    const Vec2 slope = (camera_.toBody(p, x_[2] + 0.01) - camera_.toBody(p, x_[2])) / 0.01;
    State v = State::Zero();
    v << slope.x(), slope.y(), 1.0, 0.0, 0.0, 0.0, 0.0;
    return sd_m * sd_m * v * v.transpose();
  }

  // Measurement residuals, each divided by its standard deviation.
  Eigen::VectorXd residuals(const State& x, const BarSample& bar) const {
    Eigen::VectorXd r(11);
    r.setZero();
    r[0] = (length3(x.head<2>() - ankle_, x[2] - lateral(Joint::kAnkle)) - shank_) /
           (kSlack * kShankRel * shank_);
    r[1] = (length3(x.segment<2>(3) - x.head<2>(), lateral(Joint::kHip) - x[2]) - thigh_) /
           (kSlack * kThighRel * thigh_);
    r[2] = ((x.tail<2>() - x.segment<2>(3)).norm() - trunk_) / (kSlack * kTrunkRel * trunk_);
    if (hold_ == Hold::kLying) {
      const Vec2 e = (x.tail<2>() - start_x_.tail<2>()) / kOnBenchM;
      r[4] = e.x();
      r[5] = e.y();
      // Seat and legs stay, or come back after they have moved.
      r[7] = (x[3] - start_x_[3]) / kSeatM;
      r[8] = (x[4] - start_x_[4]) / kSeatM;
    }
    const Estimate side = kneeLateral(ankle_, x.head<2>(), x.segment<2>(3));
    r[3] = (x[2] - side.value) / side.sd;
    // Knees do not bend backward.
    const Vec2 ankle_to_hip = x.segment<2>(3) - ankle_;
    const double share = ankle_to_hip.dot(x.head<2>() - ankle_) / ankle_to_hip.squaredNorm();
    const double ahead = (x.head<2>() - ankle_ - share * ankle_to_hip).x();
    r[6] = std::min(0.0, ahead + kOverstraightM) / kOverstraightM;
    if (hold_ != Hold::kLying && has_bar_ && held_ && bar.state != TrackState::kLost) {
      const double bar_sd = bar.state == TrackState::kSeen
                                ? 0.0
                                : bar.sd_px * camera_.mmPerPx(camera_.plate_lateral_m) / 1000.0;
      const Vec2 now = camera_.barBody(bar.p_px);
      // The scale at the body is known to about 2 %, so the way travelled since the placed frame is, too.
      const double scale_sd = kScaleRel * (now - bar0_).norm();
      const double sd = std::sqrt(kShoulderOnBarM * kShoulderOnBarM + bar_sd * bar_sd + scale_sd * scale_sd);
      if (hold_ == Hold::kInHands) {
        r[4] = ((x.tail<2>() - now).norm() - shoulder_on_bar_.norm()) / sd;
        const double over = x[5] - now.x();
        const double up = std::clamp(
            ((now - bar0_).y() - kKneePassedM) / std::max(0.1, highest_m_ - kKneePassedM), 0.0, 1.0);
        r[5] = (over - (1.0 - up) * shoulder_on_bar_.x() + up * kShoulderBehindAtTopM) / kOverBarSdM;
        // The bar passes in front of knee and hip.
        r[7] = std::min(0.0, now.x() - x[3] - kBarBeforeHipM) / kInFrontSdM;
        // Shoulders stay above the hands and no lower than the hips.
        r[6] += std::min(0.0, x[6] - std::max(now.y() + kShoulderAboveBarM, x[4])) / kInFrontSdM;
        // The bar goes up along the leg's front.
        const bool below = now.y() < x[1];
        const Vec2 from = below ? ankle_ : Vec2(x.head<2>()), to = below ? x.head<2>() : x.segment<2>(3);
        const Vec2 along = (to - from).normalized(), to_bar = now - from;
        const double part = std::clamp(to_bar.dot(along) / std::max(0.1, (to - from).norm()), 0.0, 1.0);
        const double usual = below
                                 ? kBarBeforeShin_m.value + part * (kBarBeforeKneeM - kBarBeforeShin_m.value)
                                 : kBarBeforeKneeM + part * (kBarBeforeThigh_m.value - kBarBeforeKneeM);
        const double apart = to_bar.x() * along.y() - to_bar.y() * along.x() - usual;
        r[8] = apart / (apart < 0.0 ? kInFrontSdM : kDriftsSdM);
        // At lock-out the knees are straight and the trunk is upright.
        if (risenPart(bar) > kLockedOut) {
          r[9] = (ahead - kKneeBeforeLeg_m.value) / (kHeldSlack * kKneeBeforeLeg_m.sd);
          r[10] = (x[5] - x[3]) / (kHeldSlack * kUprightLean * trunk_);
        }
        return r;
      }
      const double turn = lean(x) - lean0_;  // leaning forward turns the offset clockwise seen from the right
      const Vec2 o(std::cos(turn) * shoulder_on_bar_.x() + std::sin(turn) * shoulder_on_bar_.y(),
                   -std::sin(turn) * shoulder_on_bar_.x() + std::cos(turn) * shoulder_on_bar_.y());
      const Vec2 e = (x.tail<2>() - now - o) / sd;
      r[4] = e.x();
      r[5] = e.y();
    }
    return r;
  }

  void solve(const BarSample& bar, const State& before) {
    const State predicted = x_;
    const Cov information = p_.inverse();
    Cov h = information;
    for (int round = 0; round < 4; ++round) {
      const Eigen::VectorXd r = residuals(x_, bar);
      Eigen::Matrix<double, Eigen::Dynamic, kN> j(r.size(), kN);
      for (int k = 0; k < kN; ++k) {
        State moved = x_;
        moved[k] += 1e-5;
        j.col(k) = (residuals(moved, bar) - r) / 1e-5;
      }
      h = information + j.transpose() * j;
      const State g = j.transpose() * r + information * (x_ - predicted);
      const State d = h.ldlt().solve(-g);
      if (!d.allFinite()) {
        x_ = before;
        return;
      }
      x_ += d;
      if (d.norm() < 1e-6) break;
    }
    p_ = h.inverse();
  }
};

// Frames on which somebody who walks by may be before the body: round those on which the plate was hidden.
std::vector<bool> findCovered(const std::vector<BarSample>& bar, const std::vector<double>& time_s) {
  std::vector<bool> out(bar.size(), false);
  for (std::size_t f = 0; f < bar.size(); ++f) {
    if (bar[f].state != TrackState::kBridged) continue;
    for (std::size_t g = f; g < bar.size() && time_s[g] - time_s[f] <= kWalksBy_s; ++g) out[g] = true;
    for (std::size_t g = f; g-- > 0 && time_s[f] - time_s[g] <= kWalksBy_s;) out[g] = true;
  }
  return out;
}

// Pictures kept at different heights of the bar: when the lifter comes by again, knee and hip are read
// against them, so that drift does not add up from rep to rep.
struct Visited {
  cv::Mat gray;
  Vec2 knee_px, hip_px;
  double knee_sd_px, hip_sd_px;
  BarSample bar;
  std::size_t frame;
};
constexpr double kVisitHeightOfRadius = 0.35;  // one picture every 8 cm of height
constexpr int kContradictionsBorne = 8;        // looked at every third frame: about 0.8 s
constexpr std::size_t kVisitAgeFrames = 12;    // a picture just taken tells nothing new

}  // namespace

Expected<JointTracks> carryJoints(Film& film, const CarryInput& input, const Progress& progress) {
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder})
    if (!input.placed.joints[indexOf(j)])
      return fail(Remedy::kMarkByHand,
                  "The " + std::string(nameOf(j)) +
                      " is not placed. Hip, knee, ankle and shoulder are needed on one frame.");
  const std::size_t frames = film.frameCount();
  if (input.placed.frame >= frames || input.bar.size() != frames)
    return fail(Remedy::kCorrectInput, "The points lie on frame " + std::to_string(input.placed.frame) +
                                           ", but the film has only " + std::to_string(frames) + " frames.");
  JointTracks out;
  std::vector<Joint> carried = {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder};
  for (Joint j : {Joint::kHeel, Joint::kToe})
    if (input.placed.joints[indexOf(j)]) carried.push_back(j);
  for (Joint j : carried) out[indexOf(j)].resize(frames);

  Chain chain(input);
  const double radius_px = input.camera.plate_radius_px;
  bool stopped = false;
  const cv::Mat moving = findStillScene(film, [&](double part) {
    stopped = progress && !progress(0.2 * part);
    return !stopped;
  });
  if (stopped) return fail(Remedy::kCancelled, "Stopped.");
  auto write = [&](std::size_t frame) {
    const BarSample& bar = input.bar[frame];
    for (Joint j : carried) {
      JointSample s;
      s.known = true;
      const bool foot = j == Joint::kAnkle || j == Joint::kHeel || j == Joint::kToe;
      s.p_px = foot ? *input.placed.joints[indexOf(j)] : chain.px(j);
      const bool hidden = bar.state != TrackState::kLost && (s.p_px - bar.p_px).norm() < bar.radius_px;
      double model = foot ? 0.02 : hidden ? kHiddenOfRadius : kModelOfRadius;
      if (input.hold == Hold::kInHands && (j == Joint::kHip || j == Joint::kShoulder))
        model = std::hypot(model, kPulledOfRadius * chain.risen(bar) / kWholePull_m);
      const double times =
          foot                           ? 1.0
          : input.hold == Hold::kLying   ? kLyingStated
          : j == Joint::kKnee            ? (input.hold == Hold::kInHands ? kKneeHeldStated : kKneeStated)
          : input.hold == Hold::kInHands ? (j == Joint::kHip ? kHipHeldStated : kShoulderHeldStated)
          : j == Joint::kShoulder && input.hold == Hold::kOnBack ? kShoulderOnBackStated
                                                                 : 1.0;
      s.sd_px = frame == input.placed.frame
                    ? 0.0
                    : times * std::hypot(model * radius_px, foot ? 0.0 : chain.sd_px(j));
      out[indexOf(j)][frame] = s;
    }
  };
  const std::vector<bool> covered = findCovered(input.bar, film.times_s());
  cv::Mat before;
  std::deque<std::pair<cv::Mat, std::size_t>> recent;  // the last pictures, oldest first
  std::map<int, Visited> visited;
  int contradicted = 0;  // in a row
  auto revisit = [&](const cv::Mat& gray, std::size_t frame) {
    const BarSample& bar = input.bar[frame];
    if (bar.state != TrackState::kSeen) return;
    if (covered[frame]) {
      // What was carried meanwhile is a guess: pictures of before are believed at once.
      contradicted = kContradictionsBorne;
      return;
    }
    const int height = static_cast<int>(std::floor(bar.p_px.y() / (kVisitHeightOfRadius * radius_px)));
    const auto at = visited.find(height);
    if (at == visited.end()) {
      visited[height] = {gray.clone(),
                         chain.px(Joint::kKnee),
                         chain.px(Joint::kHip),
                         chain.sd_px(Joint::kKnee),
                         chain.sd_px(Joint::kHip),
                         bar,
                         frame};
      return;
    }
    const Visited& v = at->second;
    const std::size_t age = frame > v.frame ? frame - v.frame : v.frame - frame;
    if (age < kVisitAgeFrames || age % 3 != 0) return;
    const Motion m = findLimbMotion(v.gray, gray, {}, moving,
                                    legOf(chain.px(Joint::kAnkle), v.knee_px, v.hip_px), v.bar, bar);
    if (m.knee_sd_px > 5.0 || m.hip_sd_px > 8.0) return;
    // Three times the stated error: two pictures far apart in time differ in more than the pose.
    const double knee_sd_px = std::hypot(3.0 * m.knee_sd_px, v.knee_sd_px),
                 hip_sd_px = std::hypot(3.0 * m.hip_sd_px, v.hip_sd_px);
    const Vec2 knee_px = v.knee_px + m.knee_px, hip_px = v.hip_px + m.hip_px;
    // The same height need not be the same pose (hips first on the way up). Then the alignment may have
    // stopped at the old pose, which shows as a contradiction to what was carried; it tells nothing.
    auto contradicts = [&](const Vec2& seen, Joint j, double sd_px) {
      return (seen - chain.px(j)).norm() > 2.5 * std::hypot(sd_px, chain.sd_px(j));
    };
    const bool against =
        contradicts(knee_px, Joint::kKnee, knee_sd_px) || contradicts(hip_px, Joint::kHip, hip_sd_px);
    // Said again and again, over more than a rep's quick part, it is what was carried that has gone astray.
    if (against && ++contradicted <= kContradictionsBorne) return;
    contradicted = 0;
    chain.correct(knee_px, knee_sd_px, hip_px, hip_sd_px);
  };
  std::optional<BackOutline> outline;
  if (input.hold == Hold::kInHands && input.bar[input.placed.frame].state != TrackState::kLost) {
    auto learnt = BackOutline::learnRoom(film, input.bar, input.held_from, input.held_to,
                                         input.bar[input.placed.frame].p_px, input.camera);
    if (!learnt) return tl::make_unexpected(learnt.error());
    outline = std::move(*learnt);
  }
  const Want want = outline || input.network != nullptr ? Want::kColour : Want::kGray;
  std::optional<Vec2> hip_before_hindmost;  // (m), on the placed frame
  auto seeHip = [&](const cv::Mat& bgr, std::size_t frame) {
    const BarSample& bar = input.bar[frame];
    const bool placed = frame == input.placed.frame;
    if (!outline || bar.state == TrackState::kLost || (!placed && frame % kOutlineEvery != 0)) return;
    outline->look(bgr, bar.p_px);
    const auto hindmost = outline->findHindmost();
    if (!hindmost || chain.risenPart(bar) > kHindmostShows) return;
    const Vec2 at_m = input.camera.toBody(*hindmost, lateralPrior(Joint::kHip).value);
    if (placed) {
      hip_before_hindmost = chain.hip() - at_m;
      // Somebody who walked by, or a tip that is not the hip's.
      const Vec2 usual(kHipBeforeHindmost_m.value, 0.0), off = *hip_before_hindmost - usual;
      if (std::abs(off.x()) > kFarFromUsual * kHipBeforeHindmost_m.sd ||
          std::abs(off.y()) > kFarFromUsual * kHipAsHigh_m)
        hip_before_hindmost = usual;
    } else if (hip_before_hindmost)
      chain.observeHip(at_m + *hip_before_hindmost,
                       (1.0 + chain.risen(bar) / kHindmostTurns_m) * kHipOfHindmostM);
  };
  const auto& time_s = film.times_s();
  const auto read_every =
      static_cast<std::size_t>(std::max(1.0, std::round(kReadEvery_s * static_cast<double>(frames - 1) /
                                                        std::max(1e-3, time_s.back() - time_s.front()))));
  auto readAlong = [&](const cv::Mat& bgr, std::size_t frame) {
    const BarSample& bar = input.bar[frame];
    if (input.network == nullptr || input.hold == Hold::kLying || frame == input.placed.frame ||
        frame % read_every != 0 || bar.state == TrackState::kLost)
      return;
    const BodyPoints body = input.network->readPoints(bgr, chain.square());
    if (body.presence < kReadSure) return;
    const double risen = chain.risenPart(bar);
    for (const Joint j : {Joint::kKnee, Joint::kHip, Joint::kShoulder}) {
      Vec2 p_px = body.at(j, input.camera.faces_left ? BodySide::kLeft : BodySide::kRight).p_px;
      if ((p_px - bar.p_px).norm() < kGuessedOfRadius * radius_px) continue;
      if (j == Joint::kHip) p_px = putHipBack(p_px, input.camera.faces_left, chain.height_px());
      chain.observe(j, p_px, kReadCounts * chain.height_m() * readScatter(input.hold, j, risen));
    }
  };
  std::size_t before_frame = input.placed.frame;
  std::size_t done = 0;
  auto visit = [&](const FramePicture& picture) {
    cv::Mat gray = picture.gray;
    if (want == Want::kColour) cv::cvtColor(picture.bgr, gray, cv::COLOR_BGR2GRAY);
    if (!before.empty() && picture.index != before_frame) {
      const cv::Mat still =
          recent.size() >= kEarlierFrames &&
                  (input.bar[recent.front().second].p_px - input.bar[before_frame].p_px).norm() >
                      kEarlierOfRadius * radius_px
              ? recent.front().first
              : cv::Mat();
      const BarSample &bar_before = input.bar[before_frame], &bar_now = input.bar[picture.index];
      Motion leg, trunk;
      if (!covered[picture.index]) {
        leg = findLimbMotion(before, gray, still, moving,
                             legOf(chain.px(Joint::kAnkle), chain.px(Joint::kKnee), chain.px(Joint::kHip)),
                             bar_before, bar_now);
        // Under a bar on the back the trunk lies behind the plate.
        if (input.hold == Hold::kInHands)
          trunk =
              findLimbMotion(before, gray, still, moving,
                             trunkOf(chain.px(Joint::kHip), chain.px(Joint::kShoulder)), bar_before, bar_now);
      }
      chain.step(
          leg, trunk, bar_now,
          input.hold == Hold::kOnBack || (picture.index >= input.held_from && picture.index <= input.held_to),
          covered[picture.index]);
    }
    revisit(gray, picture.index);
    seeHip(picture.bgr, picture.index);
    readAlong(picture.bgr, picture.index);
    write(picture.index);
    if (!before.empty()) recent.emplace_back(std::move(before), before_frame);
    if (recent.size() > kEarlierFrames) recent.pop_front();
    before = gray.clone();
    before_frame = picture.index;
    if (++done % 8 == 0 && progress &&
        !progress(0.2 + 0.8 * static_cast<double>(done) / static_cast<double>(frames)))
      stopped = true;
    return !stopped;
  };
  FramePicture picture;
  auto got = film.readAt(input.placed.frame, picture, want);
  {
    ReadAhead ahead(film, want);
    while (got && *got) {
      if (!visit(picture)) return fail(Remedy::kCancelled, "Stopped.");
      got = ahead.next(picture);
    }
  }
  if (!got) return tl::make_unexpected(got.error());
  if (input.placed.frame > 0) {
    chain.restart();
    before.release();
    recent.clear();
    before_frame = input.placed.frame;
    if (auto back = readBackward(film, input.placed.frame, want, visit); !back)
      return tl::make_unexpected(back.error());
  }
  return out;
}

}  // namespace mottix
