#include "vision/spot_follower.h"

#include <algorithm>
#include <cmath>

#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

constexpr double kLeastRadius_px = 6.0;
// How far the camera stands scatters by about a third; three times that either way is looked at.
constexpr double kScatter = 0.35, kMostScatter = 3.0;
constexpr double kHandOfRadius = 0.12, kHand_px = 2.0;  // of a hand that points; own allowance
constexpr double kBesideOfRadius = 0.33;                // of the middle, by a hand that points; as for plates
constexpr double kFaceOfRadius = 0.9;
// A face may be lit otherwise by so much at another height; and this unlike, it is another face.
constexpr double kLit_grey = 15.0, kUnlike_grey = 60.0;
constexpr double kPatterned_grey = 15.0;  // above a plain face's shading and noise
constexpr double kLeastValue = 0.2;       // chance places on walls and floors stay below
constexpr double kBar_m_s2 = 6.0;         // a bar's acceleration, as in plate_tracker
// A bar goes some 0.3 m to and fro in a rep, and 0.6 m when it is walked out of a rack.
constexpr double kOfARep_m = 0.35, kFarthest_m = 1.0;
constexpr double kBridge_s = 0.7;
constexpr double kSdPx = 0.3;
// A head 7 cm deep, seen 5-10 degrees from end on, shows 6-12 mm of its side; half of that.
constexpr double kSideOfRadius = 0.05;
constexpr double kOutlineBeside_px = 2.0, kOutlineBesideOfRadius = 0.12;  // of a place found to a pixel
constexpr double kLeastTravel_m = 0.12;                                   // of a rep, as in rep_finder

// A part of the picture; beyond its border the border is repeated.
cv::Mat partOf(const cv::Mat& picture, const cv::Rect& want) {
  const cv::Rect part = want & cv::Rect(0, 0, picture.cols, picture.rows);
  if (part.empty()) return {};
  cv::Mat out;
  cv::copyMakeBorder(picture(part), out, part.y - want.y, want.y + want.height - part.y - part.height,
                     part.x - want.x, want.x + want.width - part.x - part.width, cv::BORDER_REPLICATE);
  return out;
}

}  // namespace

SpotFollower::SpotFollower(const PlateSeed& seed, double radius_m, double usual_radius_px)
    : seed_(seed), radius_m_(radius_m), usual_radius_px_(usual_radius_px) {}

std::optional<DiscOutline> SpotFollower::searchEnd(const std::vector<cv::Mat>& pictures) const {
  std::optional<DiscOutline> best;
  double most = 0.0;
  const double least_px = std::max(kLeastRadius_px, usual_radius_px_ * std::exp(-kMostScatter * kScatter)),
               most_px = usual_radius_px_ * std::exp(kMostScatter * kScatter);
  for (const cv::Mat& picture : pictures)
    for (double r = least_px; r <= most_px; r *= 1.04) {
      DiscOutline guess;
      guess.centre_px = seed_.centre_px;
      guess.radius_px = r;
      const auto found = searchDisc(picture, guess, 0.5 * r);
      if (!found) continue;
      const auto fit = fitDiscOutline(picture, *found, 0.06 * r + 2.0, DiscShape::kFree);
      if (!fit || !fit->convincing()) continue;
      const DiscOutline& o = fit->outline;
      const double beside = (o.centre_px - seed_.centre_px).norm();
      if (beside > kBesideOfRadius * o.radius_px) continue;
      const double missed = beside / (kHandOfRadius * o.radius_px + kHand_px);
      const double off = std::log(o.radius_px / usual_radius_px_) / kScatter,
                   value =
                       fit->support * std::sqrt(o.radius_px) * std::exp(-0.5 * (off * off + missed * missed));
      if (value <= most) continue;
      most = value;
      best = o;
    }
  return best;
}

cv::Mat SpotFollower::cutOut(const cv::Mat& picture, const Vec2& at_px) const {
  cv::Mat face;
  cv::getRectSubPix(picture, mask_.size(),
                    {static_cast<float>(at_px.x() - 0.5), static_cast<float>(at_px.y() - 0.5)}, face);
  return face;
}

std::optional<SpotFollower::Found> SpotFollower::find(const cv::Mat& picture, const Vec2& about_px,
                                                      const Vec2& reach_px, int step_px) const {
  const int reach_x = static_cast<int>(std::ceil(reach_px.x())),
            reach_y = static_cast<int>(std::ceil(reach_px.y()));
  const cv::Point middle(static_cast<int>(about_px.x()), static_cast<int>(about_px.y()));
  const cv::Rect want(middle.x - reach_x - half(), middle.y - reach_y - half(), 2 * (reach_x + half()) + 1,
                      2 * (reach_y + half()) + 1);
  const cv::Mat part = partOf(picture, want);
  if (part.empty()) return std::nullopt;
  cv::Mat first, lately;
  cv::matchTemplate(part, first_.face, first, cv::TM_SQDIFF, mask_);
  cv::matchTemplate(part, now_.face, lately, cv::TM_SQDIFF, mask_);
  const double area = cv::countNonZero(mask_);
  Found best;
  DiscOutline outline = outline_;
  for (int y = 0; y < first.rows; y += step_px)
    for (int x = 0; x < first.cols; x += step_px) {
      const double unlike =
          std::sqrt(std::max(0.0F, 0.5F * (first.at<float>(y, x) + lately.at<float>(y, x))) / area);
      if (unlike > kUnlike_grey) continue;
      outline.centre_px = Vec2(middle.x - reach_x + x + 0.5, middle.y - reach_y + y + 0.5);
      const Vec2 off = (outline.centre_px - about_px).cwiseQuotient(reach_px);
      constexpr int kEveryRay = 3;
      constexpr double kOff = 0.1;  // of two alike the one where it was going
      const double value =
          outlineContrast(picture, outline, kEveryRay) - unlike / kUnlike_grey - kOff * off.squaredNorm();
      if (value > best.value) best = {outline.centre_px, unlike, value};
    }
  if (best.value < kLeastValue && (pattern_ < kPatterned_grey || best.unlike > kLit_grey))
    return std::nullopt;
  return best;
}

cv::Mat SpotFollower::unlikeness(const cv::Mat& bgr) const {
  // Twice, so that skin and steel of one brightness differ by more than an edge needs.
  constexpr double kStretch = 2.0;
  cv::Mat off, out;
  cv::absdiff(bgr, colour_, off);
  cv::transform(off, out, cv::Matx13d(kStretch / 3.0, kStretch / 3.0, kStretch / 3.0));
  return out;
}

void SpotFollower::start(const cv::Mat& gray, const cv::Mat& bgr, double time_s) {
  started_ = true;
  std::optional<DiscOutline> there;
  if (seed_.radius_px > 0.0) {
    there = DiscOutline{seed_.centre_px, std::max(kLeastRadius_px, seed_.radius_px), 0.0, 0.0};
    // Drawn round by hand: the outline near it, if there is one.
    if (const auto fit = fitDiscOutline(gray, *there, 0.25 * there->radius_px + 2.0, DiscShape::kFree);
        fit && fit->convincing())
      there = fit->outline;
  } else {
    // As bright as what is behind it, it may be of another colour.
    const int few = static_cast<int>(0.4 * usual_radius_px_);
    const cv::Rect about(static_cast<int>(seed_.centre_px.x()) - few,
                         static_cast<int>(seed_.centre_px.y()) - few, 2 * few + 1, 2 * few + 1);
    const cv::Rect inside = about & cv::Rect(0, 0, bgr.cols, bgr.rows);
    if (!inside.empty()) {
      colour_ = cv::mean(bgr(inside));
      there = searchEnd({gray, unlikeness(bgr)});
    }
  }
  nothing_there_ = !there;
  if (!there) return;
  // End on it is round; what stands beside it must not bend it.
  outline_ = *there;
  outline_.h_cos_px = outline_.h_sin_px = 0.0;
  const auto lay = [&] {
    const int reach = static_cast<int>(std::floor(kFaceOfRadius * outline_.radius_px));
    mask_ = cv::Mat::zeros(2 * reach + 1, 2 * reach + 1, CV_8U);
    cv::circle(mask_, {reach, reach}, reach, 1, cv::FILLED);
    colour_ = cv::mean(cutOut(bgr, outline_.centre_px), mask_);
    return unlikeness(bgr);
  };
  if (const auto fit = fitDiscOutline(lay(), outline_, kOutlineBeside_px); fit && fit->convincing())
    there = outline_ = fit->outline;
  radius_px_ = there->radius_px;
  const cv::Mat picture = lay();
  first_ = {there->centre_px, time_s, Vec2::Zero(), time_s, cutOut(picture, there->centre_px)};
  cv::Scalar mean, sd;
  cv::meanStdDev(first_.face, mean, sd, mask_);
  pattern_ = sd[0];
  now_ = first_;
  samples_[seed_.frame] = {there->centre_px, kSdPx, radius_px_, TrackState::kSeen};
}

void SpotFollower::step(const cv::Mat& gray, const cv::Mat& picture, std::size_t frame, double time_s) {
  const double dt = time_s - now_.time_s, gap_s = std::abs(time_s - now_.last_seen_s);
  const double px_of_m = radius_px_ / radius_m_;
  const Vec2 guess = now_.at_px + now_.velocity_px_s * dt;
  const bool lost = gap_s > kBridge_s;
  // Where it can have gone; when it was lost, over all the way of a bar.
  const double reach = 3.0 + std::min(0.4, 0.5 * kBar_m_s2 * gap_s * gap_s) * px_of_m;
  const Vec2 about = lost ? first_.at_px : guess,
             reach_px = lost ? Vec2(kOfARep_m * px_of_m, 1.0 * px_of_m) : Vec2(reach, reach);
  // Looking all over is dear: now and then.
  constexpr std::size_t kSeldom = 8;
  std::optional<Found> found;
  if (!lost || frame % kSeldom == 0) found = find(picture, about, reach_px, lost ? 2 : 1);
  std::optional<DiscFit> fit;
  if (found) {
    DiscOutline carried = outline_;
    carried.centre_px = found->at_px;
    const double beside = std::max(kOutlineBeside_px, kOutlineBesideOfRadius * radius_px_);
    // In whichever of both pictures it shows better.
    for (const cv::Mat& seen_in : {picture, gray})
      if (const auto seen = fitDiscOutline(seen_in, carried, beside);
          seen && seen->convincing() && (seen->outline.centre_px - found->at_px).norm() <= beside &&
          (!fit || seen->support > fit->support))
        fit = seen;
    // Whoever walks by does not take the bar along.
    const Vec2& at = fit ? fit->outline.centre_px : found->at_px;
    if (std::abs(at.x() - first_.at_px.x()) > kFarthest_m * px_of_m) {
      found.reset();
      now_.last_seen_s = time_s - std::copysign(2.0 * kBridge_s, dt);
      takenAlong(frame, dt > 0.0, kOfARep_m * px_of_m);
    }
  }
  if (found) {
    // Without an outline only a pattern tells the place.
    if (!fit && (lost || pattern_ < kPatterned_grey || found->unlike > kLit_grey)) found.reset();
  }
  BarSample sample;
  if (found) {
    const Vec2 at = fit ? fit->outline.centre_px : found->at_px;
    if (std::abs(dt) > 1e-6)
      now_.velocity_px_s = gap_s > 3.0 * std::abs(dt)
                               ? Vec2::Zero()
                               : Vec2(0.35 * now_.velocity_px_s + 0.65 * Vec2((at - now_.at_px) / dt));
    now_.at_px = at;
    now_.last_seen_s = time_s;
    // Kept with its middle where the outline says, so that it does not creep away.
    if (fit) now_.face = cutOut(picture, at);
    // Where it was pointed at, what stood beside it may have been taken for its rim.
    constexpr double kWellSeen = 0.6, kLearns = 0.1;
    if (fit && fit->support >= kWellSeen)
      outline_.radius_px += kLearns * (fit->outline.radius_px - outline_.radius_px);
    sample = {at, fit ? std::hypot(fit->sd_px, kSideOfRadius * radius_px_) : 2.0 * kSdPx,
              fit ? fit->outline.radius_px : radius_px_, TrackState::kSeen};
  } else {
    now_.at_px = guess;
    now_.velocity_px_s *= std::exp(-std::abs(dt) / 0.3);
    constexpr double kUsual_m_s2 = 2.0;
    sample = {guess, std::min(0.5 * kUsual_m_s2 * gap_s * gap_s, 0.3) * px_of_m + kSdPx, outline_.radius_px,
              lost ? TrackState::kLost : TrackState::kBridged};
  }
  now_.time_s = time_s;
  samples_[frame] = sample;
}

void SpotFollower::takenAlong(std::size_t frame, bool forward, double least_px) {
  for (;;) {
    frame = forward ? frame - 1 : frame + 1;
    const auto s = samples_.find(frame);
    if (s == samples_.end() || std::abs(s->second.p_px.x() - first_.at_px.x()) < least_px) return;
    s->second.state = TrackState::kLost;
  }
}

void SpotFollower::push(const cv::Mat& gray, const cv::Mat& bgr, std::size_t frame, double time_s) {
  if (!started_ && frame == seed_.frame) return start(gray, bgr, time_s);
  if (started_ && !nothing_there_ && !samples_.contains(frame)) step(gray, unlikeness(bgr), frame, time_s);
}

std::optional<std::size_t> SpotFollower::turnBack() {
  if (!started_ || nothing_there_ || seed_.frame == 0) return std::nullopt;
  now_ = first_;
  return seed_.frame;
}

Expected<std::vector<BarSample>> SpotFollower::finish(std::size_t frames) const {
  if (!started_ || nothing_there_)
    return fail(Remedy::kMarkByHand,
                "Nothing round was found where you pointed. Point at the middle of the bar's end or of the "
                "dumbbell's head, or draw round it.");
  std::vector<BarSample> out(frames);
  double low = -1e9, high = 1e9;
  for (const auto& [frame, sample] : samples_) {
    if (frame >= frames) continue;
    out[frame] = sample;
    if (sample.state != TrackState::kSeen) continue;
    low = std::max(low, sample.p_px.y());
    high = std::min(high, sample.p_px.y());
  }
  if ((low - high) * radius_m_ / radius_px_ < kLeastTravel_m)
    return fail(Remedy::kMarkByHand,
                "What you pointed at does not move up and down. Point at the bar's end or the dumbbell's "
                "head that is lifted, in a picture in which it stands out from what is behind it.");
  return out;
}

}  // namespace mottix
