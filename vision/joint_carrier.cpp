#include "vision/joint_carrier.h"

#include <algorithm>
#include <cmath>
#include <deque>
#include <map>

#include <Eigen/Dense>
#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include "core/motion/seen_body.h"
#include "vision/back_outline.h"
#include "vision/read_ahead.h"

namespace mottix {
namespace {

constexpr double kFlowFloorPx = 0.15;
// Somebody who walks by before the plate is before the body a little sooner or later; own allowance.
constexpr double kWalksBy_s = 0.1;
constexpr std::size_t kOutlineEvery = 3;  // pictures
// A network reads the body along the way, in the square laid by where it was carried to.
constexpr double kReadEvery_s = 0.2, kReadSure = 0.9;

struct Limb {
  Vec2 from, to;
  bool thigh;
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

// How knee and hip (or hip and shoulder) have moved between two pictures. `earlier` (may be empty) is a
// picture from a moment ago in which the lifter was elsewhere: what looks the same in it stands still and is
// not the lifter; `moving` marks what changes at all over the film.
LimbMotion findLimbMotion(const cv::Mat& before, const cv::Mat& after, const cv::Mat& earlier,
                          const cv::Mat& moving, const std::array<Limb, 2>& segments,
                          const BarSample& bar_before, const BarSample& bar_after) {
  LimbMotion motion;
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

// Two points, the upper first, on the straight line that most of the shin's front edge lies on, where neither
// of the plates (x, y, radius) is before or behind it.
std::optional<std::pair<Vec2, Vec2>> findShinEdge(const BodyMask& mask, const Vec2& knee_px,
                                                  const Vec2& ankle_px, bool faces_left, double height_px,
                                                  const std::vector<cv::Vec3d>& plates) {
  // From under the knee to above the shoe; no part of a leg is farther from its middle, and the line is
  // told by so many places. Own allowances.
  constexpr double kFrom = 0.15, kTo = 0.75, kReach = 0.06, kStraight = 0.006;
  constexpr int kPlaces = 9, kFewest = 5;
  const Vec2 shin = ankle_px - knee_px,
             forward = Vec2(shin.y(), -shin.x()).normalized() * (faces_left ? -1.0 : 1.0);
  std::vector<double> along, away;
  for (int i = 0; i < kPlaces; ++i) {
    const double part = kFrom + (kTo - kFrom) * i / (kPlaces - 1);
    const Vec2 from = knee_px + part * shin;
    const auto end = mask.findEnd(from, forward, kReach * height_px);
    const bool hidden = end && std::any_of(plates.begin(), plates.end(), [&](const cv::Vec3d& plate) {
                          return std::hypot(end->x() - plate[0], end->y() - plate[1]) < plate[2];
                        });
    if (!end || hidden) continue;
    along.push_back(part);
    away.push_back((*end - from).dot(forward));
  }
  if (along.size() < kFewest) return std::nullopt;
  // The middle slope of all pairs, which a bulge or another leg does not turn (sen1968).
  std::vector<double> slopes, starts, off;
  for (std::size_t i = 0; i < along.size(); ++i)
    for (std::size_t j = i + 1; j < along.size(); ++j)
      slopes.push_back((away[j] - away[i]) / (along[j] - along[i]));
  const double slope = medianOf(slopes);
  for (std::size_t i = 0; i < along.size(); ++i) starts.push_back(away[i] - slope * along[i]);
  const double start = medianOf(starts);
  for (const double s : starts) off.push_back(std::abs(s - start));
  if (medianOf(off) > kStraight * height_px) return std::nullopt;
  auto at = [&](double part) { return Vec2(knee_px + part * shin + (start + slope * part) * forward); };
  return std::pair{at(along.front()), at(along.back())};
}

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

  BodyChain chain(input);
  const double radius_px = input.camera.plate_radius_px;
  bool stopped = false;
  const cv::Mat moving = findStillScene(film, [&](double part) {
    stopped = progress && !progress(0.2 * part);
    return !stopped;
  });
  if (stopped) return fail(Remedy::kCancelled, "Stopped.");
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
    const LimbMotion m = findLimbMotion(v.gray, gray, {}, moving,
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
    chain.seeAgain({knee_px, hip_px, knee_sd_px, hip_sd_px});
  };
  std::optional<BackOutline> outline;
  if (input.hold == Hold::kInHands && input.bar[input.placed.frame].state != TrackState::kLost) {
    auto learnt = BackOutline::learnRoom(film, input.bar, input.held_from, input.held_to,
                                         input.bar[input.placed.frame].p_px, input.camera);
    if (!learnt) return tl::make_unexpected(learnt.error());
    outline = std::move(*learnt);
  }
  const Want want = outline || input.network != nullptr ? Want::kColour : Want::kGray;
  auto seeHindmost = [&](const cv::Mat& bgr, std::size_t frame) {
    const BarSample& bar = input.bar[frame];
    const bool placed = frame == input.placed.frame;
    if (!outline || bar.state == TrackState::kLost || (!placed && frame % kOutlineEvery != 0)) return;
    outline->look(bgr, bar.p_px);
    if (const auto hindmost = outline->findHindmost()) chain.seeHindmost(*hindmost, frame);
  };
  const auto& time_s = film.times_s();
  const auto read_every =
      static_cast<std::size_t>(std::max(1.0, std::round(kReadEvery_s * static_cast<double>(frames - 1) /
                                                        std::max(1e-3, time_s.back() - time_s.front()))));
  // Near and far plate, and what their rims hide.
  auto platesAt = [&](const BarSample& bar) {
    const SideCamera& c = input.camera;
    const Vec2 far_px = c.toPicture(c.barBody(bar.p_px), -c.plate_lateral_m);
    const double far_radius_px = 1000.0 * c.plate_radius_m / c.mmPerPx(-c.plate_lateral_m);
    return std::vector<cv::Vec3d>{{bar.p_px.x(), bar.p_px.y(), kGuessedOfRadius * radius_px},
                                  {far_px.x(), far_px.y(), kGuessedOfRadius * far_radius_px}};
  };
  auto readAlong = [&](const cv::Mat& bgr, std::size_t frame) {
    const BarSample& bar = input.bar[frame];
    const bool placed = frame == input.placed.frame;
    if (input.network == nullptr || input.hold == Hold::kLying || (frame % read_every != 0 && !placed) ||
        bar.state == TrackState::kLost)
      return;
    BodyMask mask;
    const BodyPoints body = input.network->readPoints(
        bgr, squareRound(chain.px(Joint::kHip), chain.px(Joint::kShoulder), chain.height_px()), &mask);
    if (body.presence < kReadSure) return;
    if (const auto edge = findShinEdge(mask, chain.px(Joint::kKnee), chain.px(Joint::kAnkle),
                                       input.camera.faces_left, chain.height_px(), platesAt(bar)))
      chain.seeShin(edge->first, edge->second, frame);
    if (placed) return;
    for (const Joint j : {Joint::kKnee, Joint::kHip, Joint::kShoulder}) {
      Vec2 p_px = body.at(j, input.camera.faces_left ? BodySide::kLeft : BodySide::kRight).p_px;
      if ((p_px - bar.p_px).norm() < kGuessedOfRadius * radius_px) continue;
      if (j == Joint::kHip) p_px = putHipBack(p_px, input.camera.faces_left, chain.height_px());
      chain.read(j, p_px, frame);
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
      LimbMotion leg, trunk;
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
      chain.step(leg, trunk, picture.index, covered[picture.index]);
    }
    revisit(gray, picture.index);
    seeHindmost(picture.bgr, picture.index);
    readAlong(picture.bgr, picture.index);
    chain.keep(picture.index);
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
  chain.smooth(carried, out);
  if (input.placed.frame > 0) {
    chain.restart();
    before.release();
    recent.clear();
    before_frame = input.placed.frame;
    if (auto back = readBackward(film, input.placed.frame, want, visit); !back)
      return tl::make_unexpected(back.error());
    chain.smooth(carried, out);
  }
  return out;
}

}  // namespace mottix
