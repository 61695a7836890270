#include "core/body/screens.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace mottix {
namespace {

constexpr std::array<std::string_view, kScreenCount> kNames = {"toe_touch", "knee_to_wall", "shoulder_reach",
                                                               "bottom_hold", "hip_room"};

constexpr std::array kToeTouch = {ScreenQuestion{"hips_go_back", AnswerKind::kYesNo},
                                  ScreenQuestion{"back_rounds_evenly", AnswerKind::kYesNo},
                                  ScreenQuestion{"knees_stay_nearly_straight", AnswerKind::kYesNo},
                                  ScreenQuestion{"fingers_over_floor", AnswerKind::kCentimetres, 0.0, 80.0}};
constexpr std::array kKneeToWall = {ScreenQuestion{"left", AnswerKind::kCentimetres, 0.0, 25.0},
                                    ScreenQuestion{"right", AnswerKind::kCentimetres, 0.0, 25.0}};
constexpr std::array kShoulderReach = {ScreenQuestion{"bar_reached_low", AnswerKind::kYesNo},
                                       ScreenQuestion{"free_of_pain", AnswerKind::kYesNo},
                                       ScreenQuestion{"wrists_straight", AnswerKind::kYesNo},
                                       ScreenQuestion{"hands_apart", AnswerKind::kCentimetres, 35.0, 130.0}};
constexpr std::array kBottomHold = {ScreenQuestion{"crease_below_kneecap", AnswerKind::kYesNo},
                                    ScreenQuestion{"heels_down", AnswerKind::kYesNo},
                                    ScreenQuestion{"knees_over_toes", AnswerKind::kYesNo},
                                    ScreenQuestion{"back_keeps_shape", AnswerKind::kYesNo}};
constexpr std::array kHipRoom = {ScreenQuestion{"heels_apart", AnswerKind::kCentimetres, 5.0, 110.0},
                                 ScreenQuestion{"toes_out", AnswerKind::kDegrees, 0.0, 60.0},
                                 ScreenQuestion{"free_of_pain", AnswerKind::kYesNo}};

constexpr double kStiffAnkle_deg = 30.0;
// Two measurements of one ankle by two people differ by up to about 1 cm (bennell1998).
constexpr double kAnklesDiffer_cm = 2.0;
// Fingers at the floor without the back rounding: the range was found elsewhere.
constexpr double kReachesToes_cm = 5.0;

}  // namespace

std::string_view nameOf(Screen screen) {
  return kNames[static_cast<std::size_t>(screen)];
}

std::optional<Screen> screenNamed(std::string_view name) {
  const auto at = std::find(kNames.begin(), kNames.end(), name);
  if (at == kNames.end()) return std::nullopt;
  return static_cast<Screen>(at - kNames.begin());
}

std::span<const ScreenQuestion> questionsOf(Screen screen) {
  switch (screen) {
    case Screen::kToeTouch:
      return kToeTouch;
    case Screen::kKneeToWall:
      return kKneeToWall;
    case Screen::kShoulderReach:
      return kShoulderReach;
    case Screen::kBottomHold:
      return kBottomHold;
    case Screen::kHipRoom:
      return kHipRoom;
  }
  return {};
}

std::optional<double> ScreenResult::answer(std::string_view question) const {
  const auto questions = questionsOf(screen);
  for (std::size_t i = 0; i < questions.size() && i < answers.size(); ++i)
    if (questions[i].id == question) return answers[i];
  return std::nullopt;
}

std::vector<FieldProblem> findProblems(const ScreenResult& result) {
  std::vector<FieldProblem> problems;
  const auto questions = questionsOf(result.screen);
  if (!isIsoDate(result.day)) problems.push_back({"day", "This is no date."});
  if (result.answers.size() > questions.size())
    problems.push_back({std::string(nameOf(result.screen)), "There are more answers than questions."});
  for (std::size_t i = 0; i < std::min(questions.size(), result.answers.size()); ++i) {
    if (!result.answers[i]) continue;
    const double v = *result.answers[i];
    const ScreenQuestion& q = questions[i];
    if (q.kind == AnswerKind::kYesNo ? v == 0.0 || v == 1.0 : v >= q.low && v <= q.high) continue;
    problems.push_back(
        {std::string(q.id), q.kind == AnswerKind::kYesNo
                                ? "The answer is yes or no."
                                : "Not between " + std::to_string(std::lround(q.low)) + " and " +
                                      std::to_string(std::lround(q.high)) +
                                      (q.kind == AnswerKind::kDegrees ? " degrees." : " cm.")});
  }
  return problems;
}

std::vector<ScreenFinding> judgeScreen(const ScreenResult& r) {
  std::vector<ScreenFinding> out;
  if (std::none_of(r.answers.begin(), r.answers.end(), [](const auto& a) { return a.has_value(); }))
    return {ScreenFinding::kNothingAnswered};
  switch (r.screen) {
    case Screen::kToeTouch:
      if (r.isNo("hips_go_back")) out.push_back(ScreenFinding::kHipsStayForward);
      if (r.isNo("back_rounds_evenly")) {
        const auto fingers = r.answer("fingers_over_floor");
        out.push_back(fingers && *fingers <= kReachesToes_cm ? ScreenFinding::kFlatBackReaches
                                                             : ScreenFinding::kRoundsUnevenly);
      }
      if (r.isNo("knees_stay_nearly_straight")) out.push_back(ScreenFinding::kKneesBend);
      break;
    case Screen::kKneeToWall: {
      const auto left = r.answer("left"), right = r.answer("right");
      const double least = std::min(left.value_or(1e9), right.value_or(1e9));
      if (dorsiflexionFromWall_deg(least / 100.0) < kStiffAnkle_deg)
        out.push_back(ScreenFinding::kStiffAnkle);
      if (left && right && std::abs(*left - *right) >= kAnklesDiffer_cm)
        out.push_back(ScreenFinding::kAnklesDiffer);
      break;
    }
    case Screen::kShoulderReach:
      if (r.isNo("bar_reached_low")) out.push_back(ScreenFinding::kLowBarOutOfReach);
      if (r.isNo("free_of_pain")) out.push_back(ScreenFinding::kLowBarHurts);
      if (r.isNo("wrists_straight")) out.push_back(ScreenFinding::kWristsBend);
      break;
    case Screen::kBottomHold:
      if (r.isNo("crease_below_kneecap")) out.push_back(ScreenFinding::kNotDeep);
      if (r.isNo("heels_down")) out.push_back(ScreenFinding::kHeelsRise);
      if (r.isNo("knees_over_toes")) out.push_back(ScreenFinding::kKneesFallIn);
      if (r.isNo("back_keeps_shape")) out.push_back(ScreenFinding::kBackGivesWay);
      break;
    case Screen::kHipRoom:
      if (r.isNo("free_of_pain")) out.push_back(ScreenFinding::kHipsHurt);
      break;
  }
  if (out.empty()) out.push_back(ScreenFinding::kInOrder);
  return out;
}

const ScreenResult* newestOf(std::span<const ScreenResult> results, Screen screen) {
  const ScreenResult* newest = nullptr;
  for (const ScreenResult& r : results)
    if (r.screen == screen && (newest == nullptr || r.day >= newest->day)) newest = &r;
  return newest;
}

ScreenLimits limitsFrom(std::span<const ScreenResult> results) {
  ScreenLimits out;
  if (const ScreenResult* ankle = newestOf(results, Screen::kKneeToWall)) {
    const auto left = ankle->answer("left"), right = ankle->answer("right");
    if (left || right) out.knee_to_wall_m = std::min(left.value_or(1e9), right.value_or(1e9)) / 100.0;
  }
  if (const ScreenResult* reach = newestOf(results, Screen::kShoulderReach)) {
    out.low_bar_out_of_reach = reach->isNo("bar_reached_low") || reach->isNo("free_of_pain");
    if (const auto hands = reach->answer("hands_apart")) out.hands_m = *hands / 100.0;
  }
  if (const ScreenResult* hold = newestOf(results, Screen::kBottomHold))
    out.back_gives_way = hold->isNo("back_keeps_shape");
  if (const ScreenResult* toes = newestOf(results, Screen::kToeTouch))
    out.hips_stay_forward = toes->isNo("hips_go_back");
  if (const ScreenResult* hips = newestOf(results, Screen::kHipRoom); hips && !hips->isNo("free_of_pain")) {
    if (const auto heels = hips->answer("heels_apart")) out.heel_distance_m = *heels / 100.0;
    out.toe_out_deg = hips->answer("toes_out");
  }
  return out;
}

BodyFacts withScreens(BodyFacts facts, const ScreenLimits& screens) {
  if (screens.knee_to_wall_m) facts.knee_to_wall_m = screens.knee_to_wall_m;
  return facts;
}

}  // namespace mottix
