// Short mobility screens: what is asked, what was answered on which day, and what that limits.
//
// Each screen is a few questions answered yes or no or with a number; answers may be left open. What a screen
// shows is said as findings; what it means for the set-up is gathered from the newest result of each screen.
// Thresholds: side difference and stiff ankle after bennell1998; the rest is yes or no as the coach saw it.
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/day.h"
#include "core/body/athlete_body.h"

namespace mottix {

enum class Screen { kToeTouch, kKneeToWall, kShoulderReach, kBottomHold, kHipRoom };
inline constexpr std::size_t kScreenCount = 5;
std::string_view nameOf(Screen screen);  // "toe_touch", …
std::optional<Screen> screenNamed(std::string_view name);

enum class AnswerKind { kYesNo, kCentimetres, kDegrees };
struct ScreenQuestion {
  std::string_view id;
  AnswerKind kind;
  double low = 0.0, high = 1.0;  // what is believed
};
std::span<const ScreenQuestion> questionsOf(Screen screen);

struct ScreenResult {
  Screen screen = Screen::kToeTouch;
  std::string day;                             // ISO date
  std::vector<std::optional<double>> answers;  // in the order of the questions; yes is 1, no is 0
  bool operator==(const ScreenResult&) const = default;

  std::optional<double> answer(std::string_view question) const;
  bool isNo(std::string_view question) const { return answer(question) == 0.0; }
};
// Answers out of range or too many, by question; empty when the result can be kept.
std::vector<FieldProblem> findProblems(const ScreenResult& result);

enum class ScreenFinding {
  kInOrder,
  kHipsStayForward,  // the bar will be hard to keep back
  kRoundsUnevenly,   // the range comes from one part of the back
  kFlatBackReaches,  // toes reached with a flat back: the range comes from elsewhere
  kKneesBend,        // the hamstrings are spared
  kStiffAnkle,       // under 30 degrees on one side at least
  kAnklesDiffer,     // by 2 cm and more
  kLowBarOutOfReach,
  kLowBarHurts,
  kWristsBend,
  kNotDeep,
  kHeelsRise,
  kKneesFallIn,
  kBackGivesWay,  // pelvis tucks or the low back rounds at the bottom
  kHipsHurt,
  kNothingAnswered
};
// At least one; kInOrder alone when there is nothing to mind.
std::vector<ScreenFinding> judgeScreen(const ScreenResult& result);

// What the newest results limit.
struct ScreenLimits {
  std::optional<double> knee_to_wall_m;  // of the stiffer side
  bool low_bar_out_of_reach = false;     // or only with pain
  std::optional<double> hands_m;         // apart, as narrow as the shoulders allowed
  bool back_gives_way = false;
  bool hips_stay_forward = false;
  // Stance and toes at which depth was free of pain.
  std::optional<double> heel_distance_m, toe_out_deg;
};
// Results in any order; of two on one day the later in the list counts.
ScreenLimits limitsFrom(std::span<const ScreenResult> results);
const ScreenResult* newestOf(std::span<const ScreenResult> results, Screen screen);

// Mobility changes over weeks: a result older than six weeks is asked for again (own choice).
inline constexpr int kScreenKeepsDays = 42;

// The body with what the screens measured put in place of what was merely stated.
BodyFacts withScreens(BodyFacts facts, const ScreenLimits& screens);

}  // namespace mottix
