#include <algorithm>
#include <chrono>
#include <cstdio>
#include <random>
#include <vector>

#include "bench/accuracy.h"
#include "core/fit/suggest_setup.h"

namespace mottix {
namespace {

Body randomBody(std::mt19937& rng) {
  auto between = [&](double low, double high) { return std::uniform_real_distribution<>(low, high)(rng); };
  BodyFacts facts;
  facts.height_m = between(1.5, 2.0);
  facts.knee_to_wall_m = between(0.05, 0.15);
  for (Segment s : {Segment::kThigh, Segment::kShank, Segment::kTrunk, Segment::kFoot}) {
    const Estimate share = usualShare(s);
    facts.measured[indexOf(s)] = BodyLength{
        {facts.height_m * (share.value + between(-2.0, 2.0) * share.sd), 0.01}, LengthSource::kByHand};
  }
  return estimateBody(facts);
}

// Median and 99th percentile of single calls, in microseconds.
template <typename Solve>
void printRow(const char* what, const std::vector<Body>& bodies, int solves, Solve&& solve) {
  using Clock = std::chrono::steady_clock;
  std::vector<double> took_us;
  std::size_t feasible = 0;
  for (int i = 0; i < solves; ++i) {
    const Body& body = bodies[static_cast<std::size_t>(i) % bodies.size()];
    const auto start = Clock::now();
    feasible += solve(body) ? 1u : 0u;
    took_us.push_back(std::chrono::duration<double, std::micro>(Clock::now() - start).count());
  }
  std::sort(took_us.begin(), took_us.end());
  std::printf("| %s | %.1f | %.1f | %zu of %d |\n", what, took_us[took_us.size() / 2],
              took_us[took_us.size() * 99 / 100], feasible, solves);
}

}  // namespace

int printPostureSpeed(int solves) {
  std::mt19937 rng(1);
  std::vector<Body> bodies;
  for (int i = 0; i < 1000; ++i) bodies.push_back(randomBody(rng));
  std::puts("| solve | median µs | 99th percentile µs | with a posture |");
  std::puts("|---|---|---|---|");
  printRow("squat", bodies, solves, [](const Body& b) { return solveSquat(b, limitsOf(b), {}).feasible; });
  printRow("deadlift", bodies, solves, [](const Body& b) {
    return solveDeadlift(b, limitsOf(b), usualDeadlift(b, DeadliftStyle::kConventional)).feasible;
  });
  printRow("bench press", bodies, solves, [](const Body& b) {
    BenchSetup setup;
    setup.grip_m = gripFromClavicles_m(b);
    return solveBench(b, setup).feasible;
  });
  printRow("whole squat suggestion", bodies, std::max(1, solves / 20), [](const Body& b) {
    return suggestSquat({b, {}, {}, {}, {}}, SquatSchool::kBase, {}).solution.feasible;
  });
  return 0;
}

}  // namespace mottix
