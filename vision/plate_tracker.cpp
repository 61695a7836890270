#include "vision/plate_tracker.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <utility>

#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>

#include "core/motion/bar_gaps.h"
#include "vision/disc_outline.h"
#include "vision/sleeve_end.h"

namespace mottix {

Expected<void> PlateTrackOptions::validate() const {
  auto bad = [](const std::string& what) {
    return fail(Remedy::kCorrectInput, "Plate search: " + what + ".");
  };
  if (!(min_radius_of_height > 0.005 && min_radius_of_height < max_radius_of_height))
    return bad("min_radius_of_height must lie between 0.005 and max_radius_of_height");
  if (!(max_radius_of_height <= 0.5)) return bad("max_radius_of_height must be 0.5 or less");
  if (!(bridge_s >= 0.0 && bridge_s <= 5.0)) return bad("bridge_s must lie between 0 and 5 s");
  if (redetect_every < 1 || candidates < 1) return bad("redetect_every and candidates must be 1 or more");
  return {};
}

namespace {

// Down, up and down again: into the second rep of a squat; or bending to a bar, and its first pull and back.
constexpr int kWaysOfABar = 3;
constexpr double kMovesAtAll = 0.2;      // plate radii
constexpr double kGoodPartOfARep = 1.2;  // plate radii, some 27 cm
constexpr double kSureSupport = 0.6;     // of the rim: enough to be taken up again anywhere
constexpr double kFarBehind = 0.5;  // of the best one's score: below it a circle is no plate of a moving bar
constexpr double kSupportOfADisc = 0.9;  // heads are round to three quarters
constexpr double kSameSize = 0.06;       // it may come back a step nearer or farther
// After so long a gap less of the rim is enough right over or under where the bar was (of the radius).
constexpr double kLongGap_s = 0.3, kAlongSupport = 0.5, kAlong = 0.1;
constexpr double kUsualSupport = 0.85;
constexpr double kSurprisePx = 1.5, kSurpriseOfRadius = 0.02;
constexpr double kSlippedPx =
    3.0;  // the face is found to a pixel, and turns a little from picture to picture
constexpr double kAlike = 0.8, kUnlike = 0.65;  // faces, by their correlation
constexpr double kStill_px = 1.0;               // from picture to picture
constexpr double kSameMiddle = 0.08;            // of the radius, of circles on one plate
constexpr double kLargestGrowth = 1.8;  // rings and hubs of half the plate and more are taken for it at first

// How much a circle looks like a plate's rim: at like support the larger one is the rim.
double meritOf(double support, double radius_px) {
  return support * std::sqrt(radius_px);
}

// The square root of the grey level: a camera's noise grows with the root of the light (photons are counted),
// so that in it edges of a dark plate on a dark floor count as much as those of a patterned bright wall.
const cv::Mat& evenNoise() {
  static const cv::Mat roots = [] {
    cv::Mat table(1, 256, CV_8U);
    for (int i = 0; i < 256; ++i) table.at<uchar>(i) = cv::saturate_cast<uchar>(std::sqrt(255.0 * i));
    return table;
  }();
  return roots;
}

}  // namespace

// One circle being followed, with everything seen of it.
struct PlateTracker::Candidate {
  struct Seen {
    std::size_t frame;
    BarSample sample;
    double support;
    EdgeRadii edge_px;  // only for frames in which it was seen
  };
  struct Circles {
    std::size_t frame;
    std::vector<InnerCircle> inner;
  };
  struct Cut {
    std::size_t frame;
    cv::Mat gray;
    Vec2 origin_px;
  };
  DiscOutline outline;
  // The plate without its rim, square, its middle pixel being that of the plate: as it was last seen, blurred
  // as it may be, and as it last was while it stood still.
  cv::Mat last_face, still_face;
  double last_face_s = 0.0;
  Vec2 velocity_px_s = Vec2::Zero();
  double time_s = 0.0;
  double last_seen_s = 0.0;
  double sd_px = 0.0;
  bool alive = true;
  bool dropped = false;  // known not to be the bar
  int looks_again = 0;
  double looked_again_s = -1e9;
  int missed = 0;  // frames in a row
  double lowest_px = -1e9, highest_px = 1e9;
  double farthest_px = 0.0;  // on the way that it goes
  bool goes_up = false;
  int ways = 0;  // up or down, that have ended
  int times_seen = 0;
  double radius_sum_px = 0.0, support_sum = 0.0;
  std::vector<Seen> seen;
  std::vector<Circles> circles;        // at some heights of the bar, see lookInside
  std::vector<Cut> cuts;               // at the same heights
  std::map<int, int> looks_at_height;  // height in quarter radii → times looked
  std::vector<double> rings;           // sizes of the circles found inside, parts of the outline's radius
  DiscOutline first_outline;
  std::size_t first_frame = 0;
  double first_time_s = 0.0;

  void start(const DiscOutline& found, double found_sd_px, double support, const EdgeRadii& edge_px,
             std::size_t frame, double now_s) {
    outline = first_outline = found;
    time_s = last_seen_s = first_time_s = now_s;
    first_frame = frame;
    sd_px = found_sd_px;
    seen.clear();
    circles.clear();
    cuts.clear();
    looks_at_height.clear();
    rings.clear();
    last_face.release();
    still_face.release();
    times_seen = 0;
    radius_sum_px = support_sum = 0.0;
    missed = 0;
    velocity_px_s = Vec2::Zero();
    add(frame, {found.centre_px, sd_px, found.radius_px, TrackState::kSeen}, support, edge_px);
    lowest_px = highest_px = farthest_px = found.centre_px.y();
    ways = 0;
  }
  void step(const cv::Mat& gray, std::size_t frame, double now_s, const PlateTrackOptions& options);
  bool wellSeen(double support) const {
    return times_seen == 0 || support >= kUsualSupport * support_sum / times_seen;
  }
  struct Face {
    Vec2 at_px;
    double likeness;  // correlation with the face as last seen
  };
  std::optional<Face> findFace(const cv::Mat& gray, const Vec2& guess_px, double reach_px) const;
  void keepFace(const cv::Mat& gray, double now_s, bool still);
  void lookInside(const cv::Mat& gray, std::size_t frame);
  void cutOut(const cv::Mat& gray, std::size_t frame);
  void note(double y_px) {
    lowest_px = std::max(lowest_px, y_px);
    highest_px = std::min(highest_px, y_px);
    // A way up or down of a plate's radius or more ends when it has come back by as much.
    farthest_px = goes_up ? std::min(farthest_px, y_px) : std::max(farthest_px, y_px);
    if (std::abs(y_px - farthest_px) < outline.radius_px) return;
    ++ways;
    goes_up = !goes_up;
    farthest_px = y_px;
  }
  bool overlaps(const DiscOutline& o) const {
    return (outline.centre_px - o.centre_px).norm() < 0.35 * std::max(outline.radius_px, o.radius_px);
  }
  double meanRadius() const { return times_seen > 0 ? radius_sum_px / times_seen : 0.0; }
  // Its usual merit times the part of the frames since it was found in which it was seen.
  double score(std::size_t now) const {
    return times_seen == 0 ? 0.0
                           : meritOf(support_sum, meanRadius()) / static_cast<double>(now - first_frame + 1);
  }
  // The same for the bar that is lifted: a chance circle that creeps has not gone the way of a rep.
  double liftScore(std::size_t now) const {
    const double way = (lowest_px - highest_px) / outline.radius_px;
    return score(now) * std::min(1.0, way / kGoodPartOfARep);
  }
  void add(std::size_t frame, const BarSample& sample, double support, const EdgeRadii& edge_px) {
    seen.push_back({frame, sample, support, edge_px});
    if (sample.state != TrackState::kSeen) return;
    ++times_seen;
    radius_sum_px += sample.radius_px;
    support_sum += support;
  }
  // Seen at other times, of the same size and over the same place on the floor: the bar that left the
  // picture, or was hidden for long, and came back.
  bool sameBarAs(const Candidate& other) const;
  void join(const Candidate& other);
  bool moves(double min_travel_radii) const {
    return lowest_px - highest_px >= min_travel_radii * outline.radius_px;
  }
};

bool PlateTracker::Candidate::sameBarAs(const Candidate& other) const {
  constexpr double kSamePlace = 1.5;  // plate radii sideways, 34 cm
  if (std::abs(other.meanRadius() / meanRadius() - 1.0) > kSameSize) return false;
  if (std::abs(other.first_outline.centre_px.x() - first_outline.centre_px.x()) > kSamePlace * meanRadius())
    return false;
  std::set<std::size_t> here;
  for (const Seen& s : seen)
    if (s.sample.state == TrackState::kSeen) here.insert(s.frame);
  return std::none_of(other.seen.begin(), other.seen.end(), [&](const Seen& s) {
    return s.sample.state == TrackState::kSeen && here.contains(s.frame);
  });
}

void PlateTracker::Candidate::join(const Candidate& other) {
  std::map<std::size_t, Seen> all;
  for (const std::vector<Seen>* part : {&std::as_const(seen), &other.seen})
    for (const Seen& s : *part) {
      auto [at, is_new] = all.try_emplace(s.frame, s);
      if (!is_new && s.sample.state < at->second.sample.state) at->second = s;
    }
  seen.clear();
  for (auto& [frame, s] : all) seen.push_back(std::move(s));
  circles.insert(circles.end(), other.circles.begin(), other.circles.end());
  cuts.insert(cuts.end(), other.cuts.begin(), other.cuts.end());
  times_seen += other.times_seen;
  radius_sum_px += other.radius_sum_px;
  support_sum += other.support_sum;
  lowest_px = std::max(lowest_px, other.lowest_px);
  highest_px = std::min(highest_px, other.highest_px);
  if (other.first_frame < first_frame) {
    first_frame = other.first_frame;
    first_outline = other.first_outline;
    first_time_s = other.first_time_s;
  }
}

void PlateTracker::Candidate::step(const cv::Mat& gray, std::size_t frame, double now_s,
                                   const PlateTrackOptions& options) {
  const double dt = now_s - time_s;
  const double gap_s = std::abs(now_s - last_seen_s);
  DiscOutline guess = outline;
  guess.centre_px += velocity_px_s * dt;
  // A bar accelerates by up to about 6 m/s² (half a plate radius of 0.225 m per 0.2 s squared).
  const double reach_px = std::clamp(0.5 * (6.0 / 0.225) * outline.radius_px * gap_s * gap_s, 4.0,
                                     4.0 + 0.25 * outline.radius_px) +
                          0.04 * outline.radius_px;
  auto fit = fitDiscOutline(gray, guess, reach_px);
  // Looking around is dear: at once when the plate is lost, then less and less often.
  const bool look_around = missed < 4 || missed % 4 == 0;
  if ((!fit || !fit->convincing()) && look_around) {
    const double window_px = std::min(1.2 * outline.radius_px, 0.25 * outline.radius_px + 4.0 * reach_px);
    const bool long_gone = gap_s > kLongGap_s;
    auto look = [&](const DiscOutline& where) {
      const auto found = searchDisc(gray, where, window_px);
      if (!found) return;
      const auto again = fitDiscOutline(gray, *found, std::max(4.0, 0.05 * outline.radius_px));
      if (!again) return;
      // A few arcs elsewhere are no plate: further away than a bar can have moved, most of the rim must be
      // seen.
      const bool near = (again->outline.centre_px - guess.centre_px).norm() <= reach_px;
      const bool sure = again->support >= kSureSupport;
      // A bar that was hidden for a while is over or under the place where it was.
      const bool along =
          long_gone && again->support >= kAlongSupport &&
          std::abs(again->outline.centre_px.x() - guess.centre_px.x()) < kAlong * outline.radius_px &&
          std::abs(again->outline.radius_px / outline.radius_px - 1.0) < kSameSize;
      if (again->convincing() && (near || along || sure) && (!fit || again->support > fit->support))
        fit = again;
    };
    look(guess);
    // Meanwhile it may have gone on to an end of its way, to rest there.
    if (long_gone && moves(kGoodPartOfARep))
      for (const double end_px : {lowest_px, highest_px})
        if ((!fit || !fit->convincing()) && std::abs(end_px - guess.centre_px.y()) > window_px) {
          DiscOutline resting = guess;
          resting.centre_px.y() = end_px;
          look(resting);
        }
  }
  // An outline that goes another way than the plate's own face has slipped onto something behind it, and one
  // with another face on it, where little of the rim is seen, is something else. The face is asked only where
  // the outline is a surprise or worse supported than usual.
  const auto outlineRound = [&](const Face& face) {
    DiscOutline carried = outline;
    carried.centre_px = face.at_px;
    auto round = fitDiscOutline(gray, carried, kSlippedPx);
    if (round && (round->outline.centre_px - face.at_px).norm() > kSlippedPx) round.reset();
    return round;
  };
  const bool after_gap = gap_s >= 1.5 * std::abs(dt);
  const auto doubtful = [&] {
    const double usual = times_seen > 0 ? support_sum / times_seen : 1.0;
    return after_gap || fit->support < kUsualSupport * usual ||
           (fit->outline.centre_px - guess.centre_px).norm() >
               kSurprisePx + kSurpriseOfRadius * outline.radius_px;
  };
  if (fit && fit->convincing() && doubtful()) {
    const auto there = after_gap ? findFace(gray, fit->outline.centre_px, kSlippedPx)
                                 : findFace(gray, guess.centre_px, reach_px + kSlippedPx);
    // The sleeve before it moves otherwise than the face: one from another height says less than a well seen
    // rim.
    const bool fresh = last_face_s == time_s || fit->support < kSureSupport;
    if (there && there->likeness >= kAlike && !after_gap && fresh) {
      if ((there->at_px - fit->outline.centre_px).norm() > kSlippedPx) {
        fit = outlineRound(*there);
        guess.centre_px = there->at_px;
      }
    } else if (there && there->likeness < kUnlike) {
      // A plate, but not what was followed before: that was none, unless it was lifted and looked like one.
      // Such a one has turned meanwhile, if it is where it should be, or comes back as large and as well seen
      // as before; else it is something else.
      const bool was_plate = moves(kGoodPartOfARep) && support_sum >= kSureSupport * times_seen;
      const bool comes_back =
          (fit->outline.centre_px - guess.centre_px).norm() <= reach_px ||
          (wellSeen(fit->support) && std::abs(fit->outline.radius_px / outline.radius_px - 1.0) < kSameSize);
      if (fit->support < kSureSupport || (after_gap && was_plate && !comes_back))
        fit.reset();
      else if (after_gap && dt > 0.0 && !was_plate)
        return start(fit->outline, fit->sd_px, fit->support, fit->edge_px, frame, now_s);
    }
  }
  // Where the rim drowns the face may still show, and with it what there is of the rim.
  if ((!fit || !fit->convincing()) && times_seen > 0 && look_around) {
    const double window_px = std::min(1.2 * outline.radius_px, 0.1 * outline.radius_px + 2.0 * reach_px);
    if (const auto there = findFace(gray, guess.centre_px, window_px); there && there->likeness >= kAlike) {
      fit = outlineRound(*there);
      guess.centre_px = there->at_px;
    }
  }
  BarSample sample;
  if (fit && fit->convincing()) {
    const double k = std::abs(dt) > 1e-6 ? 0.65 : 0.0;
    const Vec2 measured =
        std::abs(dt) > 1e-6 ? Vec2((fit->outline.centre_px - outline.centre_px) / dt) : velocity_px_s;
    // After a gap the outline before it is old: the new speed is taken afresh from the next frame.
    velocity_px_s = gap_s > 3.0 * std::abs(dt) ? Vec2::Zero() : Vec2((1 - k) * velocity_px_s + k * measured);
    outline = fit->outline;
    last_seen_s = now_s;
    sd_px = fit->sd_px;
    missed = 0;
    if (wellSeen(fit->support))  // not what covers it
      keepFace(gray, now_s, velocity_px_s.norm() * std::abs(dt) < kStill_px);
    note(outline.centre_px.y());
    sample = {outline.centre_px, sd_px, outline.radius_px, TrackState::kSeen};
  } else {
    ++missed;
    outline.centre_px = guess.centre_px;
    velocity_px_s *= std::exp(-std::abs(dt) / 0.3);
    // Error of a constant-speed guess: the acceleration that a bar usually has over the gap.
    sd_px = std::hypot(1.0, 0.5 * kUsualBarAcceleration * outline.radius_px * gap_s * gap_s);
    const bool inside = outline.centre_px.x() > -outline.radius_px &&
                        outline.centre_px.y() > -outline.radius_px &&
                        outline.centre_px.x() < gray.cols + outline.radius_px &&
                        outline.centre_px.y() < gray.rows + outline.radius_px;
    const bool bridged = gap_s <= options.bridge_s && inside;
    sample = {outline.centre_px, sd_px, outline.radius_px,
              bridged ? TrackState::kBridged : TrackState::kLost};
    // What is lost soon after it was found, or never moved, was no plate.
    const double patience_s = moves(options.min_travel_radii) ? 4.0 * options.bridge_s : 0.2;
    alive = gap_s <= patience_s && inside;
  }
  time_s = now_s;
  add(frame, sample, fit ? fit->support : 0.0, fit ? fit->edge_px : EdgeRadii{});
}

// The square inside the rim, so that nothing of what lies behind the plate is in it.
void PlateTracker::Candidate::keepFace(const cv::Mat& gray, double now_s, bool still) {
  const int half = static_cast<int>(0.62 * outline.radius_px);
  const cv::Point middle(static_cast<int>(std::floor(outline.centre_px.x())),
                         static_cast<int>(std::floor(outline.centre_px.y())));
  const cv::Rect square(middle.x - half, middle.y - half, 2 * half + 1, 2 * half + 1);
  if (half < 6 || (square & cv::Rect(0, 0, gray.cols, gray.rows)) != square) return last_face.release();
  gray(square).copyTo(last_face);
  last_face_s = now_s;
  if (still) last_face.copyTo(still_face);
}

// Where the face fits best near the guess; nothing where it has no features or lies at the picture's edge.
std::optional<PlateTracker::Candidate::Face> PlateTracker::Candidate::findFace(const cv::Mat& gray,
                                                                               const Vec2& guess_px,
                                                                               double reach_px) const {
  constexpr double kLeastContrast = 4.0;  // grey levels; less is what is left of the noise on a plain disc
  constexpr double kNoiseGone_px = 1.5;
  const Vec2 part(outline.centre_px.x() - std::floor(outline.centre_px.x()),
                  outline.centre_px.y() - std::floor(outline.centre_px.y()));
  const cv::Point middle(static_cast<int>(std::floor(guess_px.x())),
                         static_cast<int>(std::floor(guess_px.y())));
  const int reach = static_cast<int>(std::ceil(reach_px));
  std::optional<Face> found;
  for (const cv::Mat* face : {&last_face, &still_face}) {
    const int half = face->cols / 2;
    const cv::Rect window = cv::Rect(middle.x - half - reach, middle.y - half - reach, face->cols + 2 * reach,
                                     face->rows + 2 * reach) &
                            cv::Rect(0, 0, gray.cols, gray.rows);
    if (face->empty() || window.width < face->cols || window.height < face->rows) continue;
    cv::Mat known, now, alike;
    cv::GaussianBlur(*face, known, {}, kNoiseGone_px);
    cv::Scalar mean, spread;
    cv::meanStdDev(known, mean, spread);
    if (spread[0] < kLeastContrast) continue;
    cv::GaussianBlur(gray(window), now, {}, kNoiseGone_px);
    cv::matchTemplate(now, known, alike, cv::TM_CCOEFF_NORMED);
    double best = 0.0;
    cv::Point at;
    cv::minMaxLoc(alike, nullptr, &best, nullptr, &at);
    if (found && best <= found->likeness) continue;
    found = Face{Vec2(window.x + at.x + half, window.y + at.y + half) + part, best};
    if (best >= kAlike) break;
  }
  return found;
}

// Inner circles (collar, hub, smaller plates) for the parallax of bar_axis.h; a few times at each height of
// the bar, so that the cost does not grow with the clip. All sizes are tried at the first look at a height,
// later only those of which a circle was found before.
void PlateTracker::Candidate::lookInside(const cv::Mat& gray, std::size_t frame) {
  constexpr int kLooksAtOneHeight = 6;
  constexpr double kSameRing = 0.02;  // of the outline's radius
  if (seen.back().sample.state != TrackState::kSeen) return;
  int& looks = looks_at_height[static_cast<int>(std::floor(4.0 * outline.centre_px.y() / outline.radius_px))];
  if (looks >= kLooksAtOneHeight) return;
  cutOut(gray, frame);
  std::vector<double> sizes = rings;
  if (looks++ == 0) {
    sizes.clear();
    for (double q = 0.14; q < 0.73; q *= 1.12) sizes.push_back(q);
  }
  Circles found{frame, {}};
  for (double q : sizes) {
    DiscOutline guess;
    guess.centre_px = outline.centre_px;
    guess.radius_px = q * outline.radius_px;
    if (guess.radius_px < 8.0) continue;
    const auto fit =
        fitDiscOutline(gray, guess, 0.06 * guess.radius_px + 0.03 * outline.radius_px, DiscShape::kFree);
    if (!fit || fit->support < 0.55 || fit->spread < 0.55) continue;
    const auto& o = fit->outline;
    const bool again = std::any_of(found.inner.begin(), found.inner.end(), [&](const InnerCircle& c) {
      return std::abs(c.radius_px - o.radius_px) < kSameRing * outline.radius_px;
    });
    if (again) continue;
    found.inner.push_back({o.centre_px, o.radius_px});
    const double size = o.radius_px / outline.radius_px;
    if (std::none_of(rings.begin(), rings.end(), [&](double r) { return std::abs(r - size) < kSameRing; }))
      rings.push_back(size);
  }
  if (!found.inner.empty()) circles.push_back(std::move(found));
}

// The plate and what is round about it, for the far plate.
void PlateTracker::Candidate::cutOut(const cv::Mat& gray, std::size_t frame) {
  const int reach = static_cast<int>(std::ceil(kPlateViewReach * outline.radius_px));
  const cv::Point middle(static_cast<int>(outline.centre_px.x()), static_cast<int>(outline.centre_px.y()));
  const cv::Rect cut = cv::Rect(middle.x - reach, middle.y - reach, 2 * reach, 2 * reach) &
                       cv::Rect(0, 0, gray.cols, gray.rows);
  if (cut.area() > 0) cuts.push_back({frame, gray(cut).clone(), Vec2(cut.x, cut.y)});
}

PlateTracker::PlateTracker(const PlateTrackOptions& options, std::optional<PlateSeed> seed)
    : options_(options), seed_(seed) {}
PlateTracker::~PlateTracker() = default;

void PlateTracker::addCandidate(const cv::Mat& gray, Vec2 centre, double radius, std::size_t frame,
                                double time_s) {
  DiscOutline guess;
  guess.centre_px = centre;
  guess.radius_px = radius;
  auto fit = fitDiscOutline(gray, guess, 0.12 * radius + 2.0, DiscShape::kFree);
  if (fit) fit = fitDiscOutline(gray, fit->outline, 0.05 * radius + 2.0, DiscShape::kFree);
  if (!fit || !fit->convincing()) return;
  // Of circles in one another (rim, inner ring, hub, chance arcs) the one of most merit is followed; one that
  // has moved already is looked at again only by lookAgain.
  const double merit = meritOf(fit->support, fit->outline.radius_px);
  for (const Candidate& c : candidates_)
    if (c.alive && c.overlaps(fit->outline) &&
        (c.moves(options_.min_travel_radii) || meritOf(c.seen.back().support, c.outline.radius_px) >= merit))
      return;
  std::erase_if(candidates_, [&](const Candidate& c) {
    return c.alive && c.first_frame == frame && c.overlaps(fit->outline);
  });
  Candidate c;
  c.start(fit->outline, fit->sd_px, fit->support, fit->edge_px, frame, time_s);
  candidates_.push_back(std::move(c));
}

void PlateTracker::findCandidates(const cv::Mat& gray, std::size_t frame, double time_s) {
  const double side = std::min(gray.cols, gray.rows);
  if (seed_) {
    if (frame != seed_->frame) return;
    if (seed_->radius_px > 0.0) {
      addCandidate(gray, seed_->centre_px, seed_->radius_px, frame, time_s);
    } else if (auto best = searchDiscAround(gray, seed_->centre_px, options_.min_radius_of_height * side,
                                            options_.max_radius_of_height * side)) {
      addCandidate(gray, best->centre_px, best->radius_px, frame, time_s);
    }
    return;
  }
  const double scale = std::min(1.0, 400.0 / side);
  cv::Mat small;
  cv::resize(gray, small, {}, scale, scale, cv::INTER_AREA);
  cv::GaussianBlur(small, small, {5, 5}, 1.2);
  cv::LUT(small, evenNoise(), small);
  constexpr double kEdge = 60.0;   // steps of some 12 levels of 255, against noise of 1-3 when blurred
  std::vector<cv::Vec4f> circles;  // x, y, radius, votes
  const double r_min = options_.min_radius_of_height * side * scale;
  const double r_max = options_.max_radius_of_height * side * scale;
  cv::HoughCircles(small, circles, cv::HOUGH_GRADIENT, 1.5, r_min, kEdge, 28.0, static_cast<int>(r_min),
                   static_cast<int>(r_max));
  // Votes grow with the circumference, so that on a patterned wall large chance circles come first; as in
  // meritOf, votes over circumference times the root of the radius put the plates before them.
  std::stable_sort(circles.begin(), circles.end(), [](const cv::Vec4f& a, const cv::Vec4f& b) {
    return a[3] / std::sqrt(a[2]) > b[3] / std::sqrt(b[2]);
  });
  const std::size_t tried = std::min<std::size_t>(circles.size(), 24);
  for (std::size_t i = 0; i < tried; ++i)
    addCandidate(gray, Vec2((circles[i][0] + 0.5) / scale, (circles[i][1] + 0.5) / scale),
                 circles[i][2] / scale, frame, time_s);
  auto weight = [](const Candidate& c) { return meritOf(c.seen.front().support, c.outline.radius_px); };
  std::stable_sort(candidates_.begin(), candidates_.end(), [&](const Candidate& a, const Candidate& b) {
    if (a.alive != b.alive) return a.alive;
    return weight(a) > weight(b);
  });
  std::size_t alive = 0;
  std::erase_if(candidates_, [&](const Candidate& c) {
    return c.alive && c.first_frame == frame && ++alive > static_cast<std::size_t>(options_.candidates);
  });
  for (Candidate& c : candidates_)
    if (c.alive && c.first_frame == frame) growToRim(gray, c);
  // Several that grew to one rim are one.
  for (std::size_t i = 0; i < candidates_.size(); ++i)
    for (std::size_t k = candidates_.size() - 1; k > i; --k)
      if (candidates_[i].alive && candidates_[k].alive && candidates_[k].first_frame == frame &&
          candidates_[i].overlaps(candidates_[k].outline) && weight(candidates_[i]) >= weight(candidates_[k]))
        candidates_.erase(candidates_.begin() + static_cast<std::ptrdiff_t>(k));
}

// A first circle may run half along the rim and half along a ring inside it. Larger circles round about are
// tried; the best supported one is kept, at like support the larger one. A clearly larger circle round the
// same middle of which most is seen wins in any case: what lies round a painted ring can only be the rim,
// also where the wall behind hides part of it. What grew is grown again from there, so that a small ring gets
// to the rim by way of those between.
void PlateTracker::growToRim(const cv::Mat& gray, Candidate& c) const {
  constexpr int kRings = 3;  // between hub and rim
  for (int round = 0; round < kRings; ++round)
    if (!growOnce(gray, c)) return;
}

// Where it was first seen the rim may have drowned in what is behind it (a dark plate on a dark floor), so
// that a ring inside it was followed. The first times that it stands still elsewhere, larger circles round it
// are tried once more; one that is found is followed from there, forward and, at the end, back.
void PlateTracker::lookAgain(const cv::Mat& gray, Candidate& c, std::size_t frame, double time_s) const {
  constexpr double kElsewhere = 1.0, kStill = 0.5;  // radii; radii a second
  constexpr double kClearlyLarger = 1.06;
  constexpr int kLooks = 3;
  constexpr double kAboutTheMiddle = 0.15;  // a ring followed half along the rim is off its middle
  constexpr double kBetween_s = 0.4;        // whoever walks by meanwhile is another half step on
  if (c.looks_again >= kLooks || time_s < c.looked_again_s + kBetween_s || c.seen.back().frame != frame ||
      c.seen.back().sample.state != TrackState::kSeen || c.seen.back().support < kSureSupport ||
      !c.moves(kElsewhere) || c.velocity_px_s.norm() > kStill * c.outline.radius_px)
    return;
  ++c.looks_again;
  c.looked_again_s = time_s;
  Candidate anew;
  anew.start(c.outline, c.sd_px, c.seen.back().support, c.seen.back().edge_px, frame, time_s);
  anew.looks_again = kLooks;
  growToRim(gray, anew);
  // Round the same middle: near and far plate seen as one are no larger plate.
  const double beside_px = (anew.outline.centre_px - c.outline.centre_px).norm();
  if (anew.outline.radius_px > kClearlyLarger * c.outline.radius_px &&
      beside_px < kAboutTheMiddle * anew.outline.radius_px)
    c = std::move(anew);
}
bool PlateTracker::growOnce(const cv::Mat& gray, Candidate& c) const {
  constexpr double kClearlyLarger = 1.06;  // beyond what the plate's thickness adds
  double best = meritOf(c.seen.front().support, c.outline.radius_px);
  const DiscOutline first = c.outline;
  bool grew = false;
  for (double grown = 1.04; grown < kLargestGrowth; grown *= 1.04) {
    DiscOutline guess;
    guess.centre_px = first.centre_px;
    guess.radius_px = grown * first.radius_px;
    const auto found = searchDisc(gray, guess, 0.3 * first.radius_px);
    if (!found) continue;
    const auto fit = fitDiscOutline(gray, *found, 0.05 * guess.radius_px + 2.0, DiscShape::kFree);
    if (!fit || !fit->convincing()) continue;
    const double merit = meritOf(fit->support, fit->outline.radius_px);
    const bool round_about =
        fit->support >= kSureSupport && c.seen.front().support >= kSureSupport &&
        fit->outline.radius_px > kClearlyLarger * c.outline.radius_px &&
        (fit->outline.centre_px - c.outline.centre_px).norm() < kSameMiddle * c.outline.radius_px;
    if (merit <= best && !round_about) continue;
    best = merit;
    c.start(fit->outline, fit->sd_px, fit->support, fit->edge_px, c.first_frame, c.first_time_s);
    grew = true;
  }
  return grew;
}

void PlateTracker::push(const cv::Mat& gray, std::size_t frame, double time_s) {
  picture_size_px_ = Vec2(gray.cols, gray.rows);
  latest_ = std::max(latest_, frame);
  bool any_mover = false;
  for (Candidate& c : candidates_) {
    if (!c.alive || (!c.seen.empty() && c.seen.back().frame == frame)) continue;
    c.step(gray, frame, time_s, options_);
    // The head of a lifter who bends down moves, too, before the bar does; so the search goes on until
    // something has gone up and down again and again, or is so whole a circle as only a disc is.
    any_mover = any_mover ||
                (c.alive && ((c.ways >= kWaysOfABar && mostlySeen(c, kSureSupport)) ||
                             (c.missed == 0 && c.moves(kGoodPartOfARep) && mostlySeen(c, kSupportOfADisc))));
  }
  for (Candidate& c : candidates_)
    if (c.alive && !c.dropped && !seed_ && !backward_) lookAgain(gray, c, frame, time_s);
  dropRivals();
  if (Candidate* bar = leader(); bar && bar->seen.back().frame == frame) bar->lookInside(gray, frame);
  if (backward_) return;
  // Looked for at the start and again until something lifts: a plate may come into the picture later. It is
  // followed back from there, so that looking seldom loses nothing while a good one is followed.
  bool any_alive = false, any_sure = false;
  for (const Candidate& c : candidates_) {
    any_alive = any_alive || c.alive;
    any_sure = any_sure || (c.alive && c.seen.back().support >= kSureSupport);
  }
  const int every = options_.redetect_every;
  const int wait = any_sure ? 4 * every : any_alive ? every : std::max(1, every / 4);
  const bool due = frames_since_search_ == 0 || (!any_mover && frames_since_search_ >= wait);
  ++frames_since_search_;
  if (seed_ ? frame == seed_->frame : due) {
    frames_since_search_ = 1;
    findCandidates(gray, frame, time_s);
  }
}

// A chance circle that jumps about seems to move as well: only one that is mostly seen all the time counts.
bool PlateTracker::mostlySeen(const Candidate& c, double support) const {
  return c.support_sum >= support * static_cast<double>(latest_ - c.first_frame + 1);
}

// Once a plate has gone a good part of a rep's way, what cannot be the bar any more is dropped: circles that
// have not moved, circles in one another with the better one, and those far behind
// it.
void PlateTracker::dropRivals() {
  Candidate* leading = leader();
  if (!leading || !leading->moves(kGoodPartOfARep) || !mostlySeen(*leading, kSureSupport)) return;
  for (Candidate& c : candidates_) {
    if (&c == leading || !c.alive) continue;
    // What lies still is no bar that is lifted; but one that looks more like a plate may be lifted yet, while
    // the lifter who bends down to it moves already.
    const bool had_its_time = c.first_frame <= leading->first_frame || leading->ways >= kWaysOfABar;
    const bool still = had_its_time && !c.moves(0.5 * options_.min_travel_radii) &&
                       c.score(latest_) < leading->score(latest_);
    c.dropped =
        still || c.overlaps(leading->outline) || c.score(latest_) < kFarBehind * leading->score(latest_);
    c.alive = !c.dropped;
    // The bar itself, which was hidden and has been found anew.
    const bool plate = c.moves(kMovesAtAll) && c.support_sum >= kSureSupport * c.times_seen;
    if (c.dropped && plate && leading->sameBarAs(c)) leading->join(c);
  }
}

// The candidate that is the bar as far as is known.
PlateTracker::Candidate* PlateTracker::leader() {
  Candidate* best = nullptr;
  for (Candidate& c : candidates_)
    if (c.alive && c.moves(kMovesAtAll) && (!best || c.score(latest_) > best->score(latest_))) best = &c;
  return best;
}

std::vector<const PlateTracker::Candidate*> PlateTracker::rankMovers() const {
  std::vector<const Candidate*> movers;
  for (const Candidate& c : candidates_)
    if (!c.dropped && c.times_seen >= 3 && (seed_ || c.moves(options_.min_travel_radii)))
      movers.push_back(&c);
  std::sort(movers.begin(), movers.end(), [&](const Candidate* a, const Candidate* b) {
    return a->liftScore(latest_) > b->liftScore(latest_);
  });
  return movers;
}

std::size_t PlateTracker::roundMovers() const {
  return static_cast<std::size_t>(
      std::count_if(candidates_.begin(), candidates_.end(), [&](const Candidate& c) {
        return !c.dropped && c.moves(kGoodPartOfARep) && mostlySeen(c, kSureSupport);
      }));
}

std::optional<std::size_t> PlateTracker::turnBack() {
  const auto movers = rankMovers();
  if (movers.empty()) return std::nullopt;
  const Candidate& bar = *movers.front();
  // The far plate of the same bar looks a fifth to a third smaller; a second one of like size is another bar.
  for (std::size_t i = 1; i < movers.size(); ++i) {
    if (bar.sameBarAs(*movers[i])) continue;
    const double apart_px = (movers[i]->seen.back().sample.p_px - bar.seen.back().sample.p_px).norm();
    two_plates_ = two_plates_ || (movers[i]->meanRadius() > 0.88 * bar.meanRadius() &&
                                  movers[i]->score(latest_) > kFarBehind * bar.score(latest_) &&
                                  apart_px > 2.0 * bar.meanRadius());
    // Chance circles are less than half seen.
    constexpr double kRound = 0.7;
    auto round = [](const Candidate& c) { return c.support_sum > kRound * c.times_seen; };
    two_round_ = two_round_ || (two_plates_ && round(bar) && round(*movers[i]));
  }
  Candidate kept = bar;
  for (const Candidate* other : movers)
    if (other != &bar && kept.sameBarAs(*other)) kept.join(*other);
  kept.outline = kept.first_outline;
  kept.velocity_px_s = Vec2::Zero();
  kept.time_s = kept.last_seen_s = kept.first_time_s;
  kept.alive = true;
  kept.missed = 0;
  candidates_.assign(1, std::move(kept));
  backward_ = true;
  const std::size_t first = candidates_.front().first_frame;
  return first == 0 ? std::nullopt : std::optional(first);
}

Expected<PlateTrackResult> PlateTracker::finish(const std::vector<double>& time_s, double focal_px,
                                                double plate_radius_m) const {
  if (candidates_.empty())
    return fail(
        Remedy::kMarkByHand,
        seed_ ? "No round plate was found where you pointed. Point at the middle of the near plate, or draw "
                "round it."
              : "No plate was found in this film. Point at the near plate, or film from the side with the "
                "whole plate in the picture.");
  const auto movers = rankMovers();
  if (movers.empty())
    return fail(Remedy::kMarkByHand,
                "No plate moves up and down in this film. Point at the near plate, or choose a clip with a "
                "lift in it.");

  PlateTrackResult result;
  result.two_plates = two_plates_;
  result.samples.resize(time_s.size());
  const Candidate& bar = *movers.front();
  std::vector<OutlineInFrame> outlines;
  std::vector<const Candidate::Seen*> seen;
  for (const auto& s : bar.seen)
    if (s.frame < result.samples.size()) result.samples[s.frame] = s.sample;
  bridgeLeaps(result.samples, time_s, plate_radius_m);
  dropIslands(result.samples, time_s, options_.bridge_s);
  for (const auto& s : bar.seen)
    if (s.frame < result.samples.size() && result.samples[s.frame].state == TrackState::kSeen)
      seen.push_back(&s);
  auto outlineOf = [](const Candidate::Seen& s) {
    return OutlineInFrame{s.sample.p_px, s.sample.radius_px, s.edge_px, {}};
  };
  std::map<std::size_t, const Candidate::Circles*> circles_of;
  for (const auto& c : bar.circles) circles_of[c.frame] = &c;
  constexpr std::size_t kOutlinesUsed = 48;
  const std::size_t every = std::max<std::size_t>(1, seen.size() / kOutlinesUsed);
  for (std::size_t i = 0; i < seen.size(); ++i) {
    const auto circles = circles_of.find(seen[i]->frame);
    if (circles == circles_of.end() && i % every != 0) continue;
    outlines.push_back(outlineOf(*seen[i]));
    if (circles != circles_of.end()) outlines.back().inner = circles->second->inner;
  }
  result.axis = estimateBarAxis(outlines, 0.5 * picture_size_px_, focal_px, plate_radius_m);
  if (!result.axis) {
    bridgeGaps(result.samples, time_s, options_.bridge_s);
    return result;
  }
  auto layCentre = [&](const Candidate::Seen& s) {
    const FaceCentre face = estimateFaceCentre(outlineOf(s), *result.axis);
    if ((face.centre_px - s.sample.p_px).norm() > 0.1 * s.sample.radius_px) return;
    BarSample& sample = result.samples[s.frame];
    sample.p_px = face.centre_px;
    sample.radius_px = face.radius_px;
    sample.sd_px = face.sd_px;
  };
  // What is looked at closely first; all the rest when it is known where the bar points.
  std::set<std::size_t> looked_at;
  for (const auto& cut : bar.cuts) looked_at.insert(cut.frame);
  auto layLookedAt = [&] {
    for (const auto* s : seen)
      if (looked_at.contains(s->frame)) layCentre(*s);
  };
  layLookedAt();
  std::vector<PlateView> views;
  std::vector<std::size_t> view_frame;
  for (const auto& cut : bar.cuts) {
    if (cut.frame >= result.samples.size()) continue;
    const BarSample& sample = result.samples[cut.frame];
    if (sample.state != TrackState::kSeen) continue;
    views.push_back({cut.gray, cut.origin_px, sample.p_px, sample.radius_px});
    view_frame.push_back(cut.frame);
  }
  // Knowing better where the bar points, the near plate's middle is known better too, and with it what is
  // seen against it.
  auto axisPoints = [&](const VanishingPoint& v) {
    result.axis = estimateBarAxis(outlines, 0.5 * picture_size_px_, focal_px, plate_radius_m, v);
    layLookedAt();
    for (std::size_t i = 0; i < views.size(); ++i) {
      views[i].face_px = result.samples[view_frame[i]].p_px;
      views[i].radius_px = result.samples[view_frame[i]].radius_px;
    }
  };
  if (const auto end = findSleeveEnd(views, *result.axis, focal_px, plate_radius_m)) {
    constexpr double kRatioModelSd =
        0.015;  // of itself: half a pixel of some 30 that the end moves over the heights
    for (int round = 0; round < 2; ++round)
      if (const auto parallax = estimateParallax(*end, views)) {
        axisPoints(parallax->vanishing);
        result.end_ratio = Estimate{parallax->nearer.value,
                                    std::hypot(parallax->nearer.sd, kRatioModelSd * parallax->nearer.value)};
      }
  }
  result.far_plate = findFarPlate(views, *result.axis);
  if (result.far_plate) axisPoints(result.far_plate->vanishing);
  cv::parallel_for_(cv::Range(0, static_cast<int>(seen.size())), [&](const cv::Range& part) {
    for (int i = part.start; i < part.end; ++i) layCentre(*seen[static_cast<std::size_t>(i)]);
  });
  bridgeGaps(result.samples, time_s, options_.bridge_s);
  return result;
}

}  // namespace mottix
