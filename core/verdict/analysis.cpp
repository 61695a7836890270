#include "core/verdict/analysis.h"

#include <algorithm>
#include <cmath>
#include <initializer_list>
#include <numbers>
#include <set>

#include "core/body/lengths_from_clip.h"
#include "core/motion/across_joints.h"
#include "core/motion/camera_shake.h"
#include "core/motion/lens.h"
#include "core/motion/seen_body.h"
#include "core/motion/uprights.h"

namespace mottix {

std::string_view nameOf(Warning warning) {
  switch (warning) {
    case Warning::kJointsFound:
      return "joints_found";
    case Warning::kTwoPlates:
      return "two_plates";
    case Warning::kBarOftenLost:
      return "bar_often_lost";
    case Warning::kAxisUnknown:
      return "axis_unknown";
    case Warning::kFacingUnknown:
      return "facing_unknown";
    case Warning::kLowFrameRate:
      return "low_frame_rate";
    case Warning::kOblique:
      return "oblique";
    case Warning::kClockJumps:
      return "clock_jumps";
    case Warning::kCameraShook:
      return "camera_shook";
    case Warning::kCameraUnsteady:
      return "camera_unsteady";
    case Warning::kCameraSwung:
      return "camera_swung";
    case Warning::kViewAssumed:
      return "view_assumed";
    case Warning::kBarLength:
      return "bar_length";
    case Warning::kLensBends:
      return "lens_bends";
    case Warning::kBodyContradicts:
      return "body_contradicts";
    case Warning::kLineContradicts:
      return "line_contradicts";
    case Warning::kOtherWay:
      return "other_way";
  }
  return "";
}

Expected<void> AnalysisSettings::validate() const {
  if (!(bar.plate_mm >= 100.0 && bar.plate_mm <= 600.0))
    return fail(Remedy::kCorrectInput, "The plate's diameter must lie between 100 and 600 mm.");
  if (reps_asked < 0 || reps_asked > 200)
    return fail(Remedy::kCorrectInput, "Asked reps must lie between 0 and 200.");
  if (open_pain < 0 || open_pain > 10)
    return fail(Remedy::kCorrectInput, "A pain note lies between 0 and 10.");
  for (const RoomLine& line : lines)
    if (auto ok = line.validate(); !ok) return ok;
  if (auto ok = load_options.validate(); !ok) return ok;
  return rep_options.validate();
}

Facing facingFromFeet(const Vec2& heel_px, const Vec2& toe_px) {
  return toe_px.x() >= heel_px.x() ? Facing::kRight : Facing::kLeft;
}

Facing facingOf(const ClipTracks& tracks, Facing asked) {
  if (asked != Facing::kUnknown || tracks.across()) return asked;
  if (!tracks.has(Joint::kHeel) || !tracks.has(Joint::kToe)) return Facing::kUnknown;
  for (std::size_t i = 0; i < tracks.frameCount(); ++i) {
    const JointSample &heel = tracks.track(Joint::kHeel)[i], &toe = tracks.track(Joint::kToe)[i];
    if (heel.known && toe.known) return facingFromFeet(heel.p_px, toe.p_px);
  }
  return Facing::kUnknown;
}

namespace {

// A phone drops a few pictures in a row at most.
constexpr double kLongestStep_s = 1.0;

// Filmed across and not said: as the joints look, else from the front.
View viewOf(const ClipTracks& tracks, View asked, Lift lift, const SideCamera& camera) {
  if (!tracks.across()) return View::kSide;
  if (asked == View::kFront || asked == View::kRear) return asked;
  const View seen = viewFromJoints(tracks, lift, 1000.0 * kUnknownHeight.value / camera.mmPerPx(0.0));
  return seen == View::kUnknown ? View::kFront : seen;
}

// The camera's stand, from balance: a lifter who stands still with the bar holds it over mid-foot within
// about 2 cm. One degree of roll or yaw moves the bar by 1-3 cm against the feet, so this says more than is
// known of either alone.
void levelByStanding(Analysis& a, const MeasureInput& input) {
  constexpr double kBalanceSdM = 0.02;
  const auto standing = estimateStandingOffset(input, a.reps);
  if (!standing) return;
  updateCamera(a.camera, a.camera_errors, standing->slope,
               {standing->bar_forward_m.value, std::hypot(kBalanceSdM, standing->bar_forward_m.sd)});
}

// The lifter, as another ruler: what stands up in the picture is as long as the stated body says.
void measureByBody(Analysis& a, const ClipTracks& tracks, const Body& body, bool only_check) {
  constexpr double kContradicts = 3.0;  // standard deviations
  const auto stature = readStature(tracks, a.camera, a.camera_errors, a.reps, body);
  if (!stature) return;
  a.stature = stature->ratio;
  if (std::abs(stature->ratio.value - 1.0) > kContradicts * stature->ratio.sd)
    return a.warnings.push_back(Warning::kBodyContradicts);
  if (only_check) return;
  observeCamera(
      a.camera, a.camera_errors, [&](const SideCamera& c) { return stature->at(c) - 1.0; }, stature->own_sd);
}

// A hand whose motion could not be read stands in the tracks as an error without any shift.
void warnOfShake(const ClipTracks& tracks, Analysis& a) {
  constexpr double kMoment_s = 0.5;  // the camera looking elsewhere for less is not worth a word
  const double moved_px = greatestShake_px(tracks);
  // A film from a stand has its motion looked for when it is cut.
  constexpr double kStands_px = 1.0, kOfWidth_px = 1280.0;
  if (moved_px == 0.0)
    a.warnings.push_back(Warning::kCameraUnsteady);
  else if (moved_px > kStands_px * tracks.width_px / kOfWidth_px)
    a.warnings.push_back(Warning::kCameraShook);
  double away_s = 0.0;
  for (std::size_t i = 1; i < std::min(tracks.shake.size(), tracks.frameCount()); ++i)
    if (!tracks.shake[i].known) away_s += tracks.time_s[i] - tracks.time_s[i - 1];
  if (away_s > kMoment_s) a.warnings.push_back(Warning::kCameraSwung);
}

// The bar's length, as another ruler: its end lies so much nearer than the plate that it gives the camera's
// distance; and, the other way round, the distance known otherwise gives the length, so that each checks the
// other.
void measureByBarsEnd(CameraEstimate& e, const Estimate& seen) {
  constexpr Estimate kEnd_m = kSleeveEndLateral;
  constexpr double kContradicts = 3.0;  // standard deviations
  const double growth = 1.0 + seen.value;
  const Estimate end_m = estimateFrom(e.camera, e.errors, [&](const SideCamera& c) {
    const double metre_deeper = c.shrinkAt(c.plate_lateral_m - 1.0),
                 per_m = metre_deeper / (1.0 - metre_deeper);
    return c.plate_lateral_m + seen.value / growth / per_m;
  });
  const double read_sd = (end_m.value - e.camera.plate_lateral_m) * seen.sd / (seen.value * growth);
  e.bar_m = Estimate{2.0 * end_m.value, 2.0 * std::hypot(end_m.sd, read_sd)};
  e.bar_contradicts =
      std::abs(0.5 * e.bar_m->value - kEnd_m.value) > kContradicts * std::hypot(0.5 * e.bar_m->sd, kEnd_m.sd);
  if (e.bar_contradicts) return;
  const double out_m = kEnd_m.value - e.camera.plate_lateral_m;
  observeCamera(
      e.camera, e.errors, [&](const SideCamera& c) { return c.shrinkAt(kEnd_m.value) + seen.value; },
      std::hypot(seen.sd, seen.value * growth * kEnd_m.sd / out_m));
}

}  // namespace

Expected<CameraEstimate> estimateCamera(const ClipTracks& tracks, const std::optional<AxisSeen>& axis,
                                        const LoadedBar& bar, Facing facing,
                                        const std::vector<RoomLine>& lines) {
  std::vector<double> radius, x, y;
  for (const BarSample& s : tracks.bar)
    if (s.state == TrackState::kSeen) {
      radius.push_back(s.radius_px);
      x.push_back(s.p_px.x());
      y.push_back(s.p_px.y());
    }
  if (radius.size() < 3)
    return fail(Remedy::kMarkByHand, "The bar was not seen in this film. Point at the near plate.");
  auto median = [](std::vector<double>& v) {
    std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 2), v.end());
    return v[v.size() / 2];
  };
  CameraEstimate e;
  // Seen from the front or the rear, the plates hang in the lifter's own plane and stand upright in the
  // picture.
  const bool across = tracks.across();
  constexpr double kAcrossHeightRel = 0.012;
  const Estimate focal = focalPrior(tracks.width_px, tracks.height_px);
  e.camera.focal_px = focal.value;
  e.errors.focal_px = focal.sd;
  e.camera.middle_px = 0.5 * Vec2(tracks.width_px, tracks.height_px);
  e.camera.plate_radius_m = bar.radius_m();
  const Estimate lateral = across ? Estimate{0.0, 0.0} : followedLateralPrior(bar);
  e.camera.plate_lateral_m = lateral.value;
  e.errors.plate_lateral_m = lateral.sd;
  e.camera.plate_radius_px = median(radius);
  e.camera.plate_px = Vec2(median(x), median(y));
  e.camera.faces_left = facing == Facing::kLeft;
  const double deg = std::numbers::pi / 180.0;
  e.camera.vanishing_px = axis ? axis->vanishing_px : e.camera.middle_px;
  e.errors.vanishing_px =
      axis ? axis->vanishing_sd_px : focal.value * Vec2(std::tan(8.0 * deg), std::tan(4.0 * deg));
  e.errors.yaw_known = axis && axis->from_parallax;
  if (across) e.errors.plate_radius_rel = kAcrossHeightRel;
  // Light spills over an edge; and what stands out from its bar as far as a dumbbell's head shows some of its
  // side as well.
  constexpr double kEdgeOfSmallEnd_px = 0.3, kSideOfSmallEnd = 0.025;
  if (bar.held != Held::kPlates)
    e.errors.plate_radius_rel =
        std::hypot(e.errors.plate_radius_rel, kEdgeOfSmallEnd_px / e.camera.plate_radius_px, kSideOfSmallEnd);
  e.errors.plate_radius_rel = std::hypot(e.errors.plate_radius_rel, lensScaleSd(tracks, e.camera.plate_px));
  if (axis && axis->far_ratio) {
    const Estimate& seen = *axis->far_ratio;
    const double bar_m = e.camera.plate_lateral_m + kFarPlateLateral.value;
    const double sd = std::hypot(seen.sd, seen.value * (1.0 - seen.value) * kFarPlateLateral.sd / bar_m);
    observeCamera(
        e.camera, e.errors,
        [&](const SideCamera& c) { return c.shrinkAt(-kFarPlateLateral.value) - seen.value; }, sd);
  }
  if (axis && axis->end_ratio) measureByBarsEnd(e, *axis->end_ratio);
  // What the coach says stands upright does; without that, what seems to.
  const CameraEstimate undrawn = e;
  e.lines = takeInLines(e.camera, e.errors, lines);
  bool plumb = false;
  for (std::size_t i = 0; i < lines.size(); ++i)
    plumb = plumb || (lines[i].kind == RoomLineKind::kUpright && e.lines[i].used);
  if (!plumb) {
    e = undrawn;
    levelByUprights(e.camera, e.errors, tracks.uprights);
    e.lines = takeInLines(e.camera, e.errors, lines);
  }
  return e;
}

std::optional<LiftGuess> guessLift(const ClipTracks& tracks, const std::optional<AxisSeen>& axis,
                                   const LoadedBar& bar) {
  const ClipTracks steady = steadied(tracks);
  const auto camera = estimateCamera(steady, axis, bar, Facing::kUnknown);
  if (!camera) return std::nullopt;
  return guessLift(computeBarHeight({&steady, Lift::kSquat, camera->camera, camera->errors}));
}

namespace {

// What is to be done after one set, judged by one film or by two; `films` are what it was seen in.
Expected<LoadDecision> decideSet(const std::vector<Finding>& findings,
                                 std::initializer_list<const Analysis*> films,
                                 const AnalysisSettings& settings, const RuleBook& book) {
  LoadInput load;
  load.load_kg = settings.bar.load_kg;
  load.reps_asked = settings.reps_asked;
  const Analysis& first = **films.begin();
  load.reps_done = static_cast<int>(
      std::count_if(first.reps.begin(), first.reps.end(), [](const Rep& r) { return !r.failed; }));
  load.open_pain = settings.open_pain;
  load.repair_first = book.repair_first;
  load.cause = settings.cause;
  std::set<const Rule*> applied;
  for (const Analysis* a : films)
    for (const Rule* rule : answeredRules(book, settings.lift, a->measures, settings.judged))
      applied.insert(rule);
  load.rules_applied = static_cast<int>(applied.size());
  return decideLoad(findings, load, settings.load_options);
}

// Whether a film can say anything about what a rule asks.
bool tells(const Analysis& a, const RuleBook& book, const std::string& rule_id) {
  const Rule* rule = book.find(rule_id);
  return rule != nullptr && std::any_of(a.measures.begin(), a.measures.end(), [&](const Measure& m) {
           return std::find(rule->measures.begin(), rule->measures.end(), m.id) != rule->measures.end() &&
                  m.status == MeasureStatus::kOk && m.value.sd <= rule->max_sd;
         });
}

// As a lens would have shown it that does not bend; how well it is known stays part of the errors.
Expected<Analysis> analyseStraightened(const ClipTracks& tracks, std::optional<AxisSeen> axis,
                                       AnalysisSettings settings, const RuleBook& book) {
  constexpr double kBends = 0.02;  // moves a picture's corner by 1 %
  constexpr double kSurely = 2.0;  // standard deviations
  const Estimate k1 = *tracks.lens_k1;
  const Vec2 middle = 0.5 * Vec2(tracks.width_px, tracks.height_px);
  const double focal = focalPrior(tracks.width_px, tracks.height_px).value;
  const auto straight = [&](Vec2& p) { p = straightened(p, k1.value, middle, focal); };
  if (axis) straight(axis->vanishing_px);
  for (RoomLine& line : settings.lines) {
    straight(line.from_px);
    straight(line.to_px);
  }
  ClipTracks unbent = straightened(tracks);
  unbent.lens_k1 = Estimate{0.0, k1.sd};
  auto a = analyse(unbent, axis, settings, book);
  if (!a) return a;
  a->lens_k1 = k1;
  if (std::abs(k1.value) > std::max(kBends, kSurely * k1.sd)) a->warnings.push_back(Warning::kLensBends);
  return a;
}

}  // namespace

Expected<Analysis> analyse(const ClipTracks& tracks, const std::optional<AxisSeen>& axis,
                           const AnalysisSettings& settings, const RuleBook& book) {
  if (auto ok = settings.validate(); !ok) return tl::make_unexpected(ok.error());
  if (!tracks.shake.empty()) {
    AnalysisSettings still = settings;
    still.lines = steadied(settings.lines, tracks);
    auto steady = analyse(steadied(tracks), axis, still, book);
    if (steady) warnOfShake(tracks, *steady);
    return steady;
  }
  if (tracks.lens_k1 && tracks.lens_k1->value != 0.0)
    return analyseStraightened(tracks, axis, settings, book);
  Analysis a;
  a.lens_k1 = tracks.lens_k1;
  a.facing = facingOf(tracks, settings.facing);
  auto camera = estimateCamera(tracks, axis, settings.bar, a.facing, settings.lines);
  if (!camera) return tl::make_unexpected(camera.error());
  a.camera = camera->camera;
  a.camera_errors = camera->errors;
  a.view = viewOf(tracks, settings.view, settings.lift, a.camera);
  a.lines = std::move(camera->lines);
  a.bar_m = camera->bar_m;
  if (camera->bar_contradicts) a.warnings.push_back(Warning::kBarLength);
  if (std::any_of(a.lines.begin(), a.lines.end(), [](const LineReading& l) { return !l.used; }))
    a.warnings.push_back(Warning::kLineContradicts);
  MeasureInput input{&tracks, settings.lift, a.camera, a.camera_errors};
  input.stance = usualStance(settings.lift, settings.wide_stance);
  input.smooth = std::make_shared<const SmoothTracks>(smoothTracks(tracks));
  const BarHeight height = computeBarHeight(input);
  auto reps = findReps(height, settings.lift, settings.rep_options);
  if (!reps) return tl::make_unexpected(reps.error());
  // On its head a squat goes the way of a deadlift.
  a.lift_seen = guessLift(height);
  const auto& seen = a.lift_seen;
  const bool other_way =
      seen && seen->sure() && (seen->lift == Lift::kDeadlift) != (settings.lift == Lift::kDeadlift);
  // The other way round there is at most half a rep at either end.
  if (other_way && wholeReps(*reps).empty())
    return fail(Remedy::kCorrectInput,
                seen->lift == Lift::kDeadlift
                    ? "The bar rests where it is lowest, as in a deadlift; so does a squat or a press in a "
                      "film that stands on its head. Say which lift it is, or turn the film by half on the "
                      "phone and add it again."
                    : "The bar rests where it is highest, as in a squat or a press; so does a deadlift in a "
                      "film that stands on its head. Say which lift it is, or turn the film by half on the "
                      "phone and add it again.");
  if (other_way) a.warnings.push_back(Warning::kOtherWay);
  if (std::all_of(reps->begin(), reps->end(), [](const Rep& r) { return r.cut_start && r.cut_end; }))
    return fail(
        Remedy::kFilmAgain,
        "No full rep was found: the bar never goes down and up again by more than 12 cm. Choose a clip with "
        "a whole set in it, or say which lift it is.");
  if (settings.part) {
    std::erase_if(*reps, [&](const Rep& r) {
      return r.turn_frame < settings.part->first || r.turn_frame > settings.part->last;
    });
    for (std::size_t i = 0; i < reps->size(); ++i) (*reps)[i].number = static_cast<int>(i) + 1;
    if (reps->empty())
      return fail(Remedy::kCorrectInput,
                  "No rep lies in the part of the film that counts. Choose another part, or the whole film.");
    a.sets = {*settings.part};
  } else {
    a.sets = partsOfSets(*reps, tracks.time_s);
  }
  a.reps = std::move(*reps);
  if (settings.lift == Lift::kSquat && !tracks.across()) levelByStanding(a, input);
  if (settings.body) measureByBody(a, tracks, *settings.body, settings.joints_know_body);
  MeasureInput levelled{&tracks, settings.lift, a.camera, a.camera_errors, a.view, settings.bar.load_kg};
  levelled.stance = input.stance;
  levelled.smooth = input.smooth;
  levelled.height = smoothHeight(levelled);
  if (settings.body) levelled.body_kg = settings.body->mass();
  a.plate_scale = estimateScale(a.camera, a.camera_errors, a.camera.plate_lateral_m);
  a.body_scale = estimateScale(a.camera, a.camera_errors, 0.0);
  a.distance_m = estimateFrom(a.camera, a.camera_errors, [](const SideCamera& c) { return c.distance_m(); });
  a.yaw_deg = estimateFrom(a.camera, a.camera_errors, [](const SideCamera& c) { return c.yaw_deg(); });
  a.on = std::make_shared<const MeasuredOn>(tracks, levelled);
  a.measures = computeMeasures(levelled, a.reps);
  a.bar_tilt = computeBarTilt(levelled, a.reps);
  if (!tracks.across()) a.trust = findWeakestLink(levelled, a.reps);
  auto judged = judgeAgain(a, settings, book);
  if (!judged) return tl::make_unexpected(judged.error());
  a.findings = std::move(judged->findings);
  a.decision = judged->decision;

  const auto lost = std::count_if(tracks.bar.begin(), tracks.bar.end(),
                                  [](const BarSample& s) { return s.state == TrackState::kLost; });
  if (static_cast<double>(lost) > 0.2 * static_cast<double>(tracks.bar.size()))
    a.warnings.push_back(Warning::kBarOftenLost);
  if (tracks.across() && settings.view != View::kFront && settings.view != View::kRear)
    a.warnings.push_back(Warning::kViewAssumed);
  if (!tracks.across() && !a.camera_errors.yaw_known) a.warnings.push_back(Warning::kAxisUnknown);
  if (!tracks.across() && a.facing == Facing::kUnknown) a.warnings.push_back(Warning::kFacingUnknown);
  if (tracks.frameCount() > 1 && static_cast<double>(tracks.frameCount() - 1) / tracks.time_s.back() < 20.0)
    a.warnings.push_back(Warning::kLowFrameRate);
  for (std::size_t i = 1; i < tracks.time_s.size(); ++i)
    if (tracks.time_s[i] - tracks.time_s[i - 1] > kLongestStep_s) {
      a.warnings.push_back(Warning::kClockJumps);
      break;
    }
  // Beyond 15 degrees the joints' own distance from the mid-plane moves them by more than 4 cm.
  if (!tracks.across() && std::abs(a.camera.yaw_deg()) > 15.0) a.warnings.push_back(Warning::kOblique);
  a.computed = true;
  return a;
}

Expected<Judged> judgeAgain(const Analysis& analysis, const AnalysisSettings& settings,
                            const RuleBook& book) {
  Judged out;
  out.findings = judge(book, settings.lift, analysis.measures, settings.judged);
  for (Finding& f : out.findings)
    f.overruled =
        std::find(settings.overruled.begin(), settings.overruled.end(), f.rule) != settings.overruled.end();
  auto decision = decideSet(out.findings, {&analysis}, settings, book);
  if (!decision) return tl::make_unexpected(decision.error());
  out.decision = *decision;
  return out;
}

Expected<JudgedTogether> judgeTogether(const Analysis& first, const Analysis& second,
                                       const AnalysisSettings& settings, const RuleBook& book) {
  JudgedTogether out;
  for (const Finding& f : first.findings)
    if (f.certainty != Certainty::kCantTell || !tells(second, book, f.rule)) out.first.push_back(f);
  for (const Finding& f : second.findings) {
    const bool said =
        std::any_of(out.first.begin(), out.first.end(), [&](const Finding& o) { return o.rule == f.rule; });
    if (!said && (f.certainty != Certainty::kCantTell || !tells(first, book, f.rule)))
      out.second.push_back(f);
  }
  std::vector<Finding> all = out.first;
  all.insert(all.end(), out.second.begin(), out.second.end());
  auto decision = decideSet(all, {&first, &second}, settings, book);
  if (!decision) return tl::make_unexpected(decision.error());
  out.decision = *decision;
  return out;
}

}  // namespace mottix
