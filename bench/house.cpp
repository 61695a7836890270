// A house of 200 athletes and 100,000 sets: how long it takes to open, to tell a story, to search, and how
// much memory that needs.
#include <sys/resource.h>

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <random>

#include <QApplication>
#include <QLabel>
#include <QTest>

#include "bench/accuracy.h"
#include "desk/house_window.h"
#include "desk/theme.h"

namespace mottix {
namespace {

using Clock = std::chrono::steady_clock;

double msSince(Clock::time_point from) {
  return std::chrono::duration<double, std::milli>(Clock::now() - from).count();
}

constexpr int kAthletes = 200, kSetsEach = 500, kFilmedEvery = 20;

Expected<void> makeHouse(const std::filesystem::path& path) {
  auto house = HouseFile::open(path);
  if (!house) return tl::make_unexpected(house.error());
  std::mt19937 draw(1);
  const auto pick = [&](int n) { return static_cast<int>(draw() % static_cast<unsigned>(n)); };
  const Day first = *dayNamed("2023-01-02");
  for (int a = 0; a < kAthletes; ++a) {
    char name[32];
    std::snprintf(name, sizeof name, "Lifter %03d", a + 1);
    const auto id = house->addAthlete({{}, name, 2.5, 0, ""});
    if (!id) return tl::make_unexpected(id.error());
    std::vector<SetRecord> sets;
    for (int s = 0; s < kSetsEach; ++s) {
      SetRecord set;
      set.athlete = *id;
      set.day = nameOf(first + std::chrono::days(7 * (s / 4) + (s % 4 > 1 ? 3 : 0)));
      set.state = SetState::kReviewed;
      set.edit.asked.lift =
          std::array{Lift::kSquat, Lift::kBench, Lift::kDeadlift}[static_cast<std::size_t>(s / 2 % 3)];
      set.edit.asked.variant = usualVariant(set.edit.asked.lift);
      set.edit.asked.reps = 1 + pick(6);
      set.edit.asked.load_kg = 40.0 + 2.5 * pick(40);
      set.edit.effort_felt = 6.0 + 0.5 * pick(9);
      set.edit.reps_done = pick(20) == 0 ? set.edit.asked.reps - 1 : set.edit.asked.reps;
      if (pick(30) == 0) set.edit.note = "after a night call";
      if (s % kFilmedEvery == 0)
        set.clip.file = "films/" + std::to_string(a) + "_" + std::to_string(s) + ".mp4";
      sets.push_back(std::move(set));
    }
    const auto ids = house->addSets(sets);
    if (!ids) return tl::make_unexpected(ids.error());
    for (std::size_t s = 0; s < ids->size(); s += kFilmedEvery) {
      Analysis analysis;
      const Lift lift = sets[s].edit.asked.lift;
      for (const MeasureDefinition* d : measureCatalogue())
        for (int rep = 1; rep <= sets[s].edit.asked.reps; ++rep)
          if (analysis.measures.size() < 300)
            analysis.measures.push_back({d->id, rep, {0.4, 0.02}, MeasureStatus::kOk, 10});
      for (const Rule& rule : builtInRuleBook().rules)
        if (rule.isFor(lift) && pick(12) == 0) {
          Finding f;
          f.rule = rule.id;
          f.certainty = Certainty::kClear;
          f.reps = {1};
          analysis.findings.push_back(f);
        }
      analysis.decision.action = LoadAction::kAdd;
      if (auto ok = house->saveResults((*ids)[s], analysis, builtInRuleBook()); !ok) return ok;
    }
  }
  return {};
}

}  // namespace

int printHouse(const std::filesystem::path& path) {
  if (std::error_code ec; !std::filesystem::exists(path, ec)) {
    if (auto made = makeHouse(path); !made) {
      std::fprintf(stderr, "%s\n", made.error().text.c_str());
      return 1;
    }
    std::puts("The house was made; run it again to measure, so that making it does not count.");
    return 0;
  }
  qputenv("QT_QPA_PLATFORM", "offscreen");
  int argc = 1;
  char name[] = "mottix-bench";
  char* argv[] = {name, nullptr};
  QApplication app(argc, argv);
  applyLook(app, Look::kLight);
  constexpr int kRounds = 7;
  std::vector<double> open, story, ahead, day, sheet, cues, book;
  std::vector<std::vector<double>> search(4);
  const std::array<const char*, 4> queries = {
      "hips rose first above effort 8", "everyone hips rose first above effort 8",
      "everyone squat over 130 kg missed", "everyone night call last 2 years"};
  std::array<int, 4> found{};
  for (int round = 0; round < kRounds; ++round) {
    auto from = Clock::now();
    auto house = HouseFile::open(path);
    if (!house) return 1;
    HouseWindow window(std::move(*house), QDate(2026, 11, 24));
    window.show();
    (void)QTest::qWaitForWindowExposed(&window);
    QApplication::processEvents();
    open.push_back(msSince(from));
    const auto athletes = *window.house().athletes();
    from = Clock::now();
    window.openStory(athletes[static_cast<std::size_t>(20 * round + 3)].id);
    window.grab();
    story.push_back(msSince(from));
    for (std::size_t k = 0; k < queries.size(); ++k) {
      from = Clock::now();
      window.story().search(QString::fromLatin1(queries[k]));
      search[k].push_back(msSince(from));
      found[k] = window.story()
                     .findChild<QLabel*>(QStringLiteral("found words"))
                     ->text()
                     .section(QLatin1Char(' '), 0, 0)
                     .toInt();
    }
    from = Clock::now();
    window.openAhead(athletes[static_cast<std::size_t>(20 * round + 3)].id);
    window.grab();
    ahead.push_back(msSince(from));
    from = Clock::now();
    window.openToday();
    window.today().settle();
    window.grab();
    day.push_back(msSince(from));
    // A measured set of an athlete who was not on the desk yet.
    const auto lines = window.house().log(athletes[static_cast<std::size_t>(20 * round + 7)].id);
    if (!lines) return 1;
    const auto measured =
        std::find_if(lines->rbegin(), lines->rend(), [](const LogLine& l) { return l.verdict.has_value(); });
    from = Clock::now();
    window.openSet(measured->id);
    window.grab();
    sheet.push_back(msSince(from));
    from = Clock::now();
    if (!QTest::qWaitFor([&] { return window.sheet().knowsCues(); }, 60000)) return 1;
    cues.push_back(msSince(from));
    from = Clock::now();
    window.openBook();
    if (!QTest::qWaitFor([&] { return window.book().ready(); }, 60000)) return 1;
    window.grab();
    book.push_back(msSince(from));
  }
  rusage used{};
  getrusage(RUSAGE_SELF, &used);
  const auto row = [](const char* what, std::vector<double> ms, const char* wanted) {
    std::sort(ms.begin(), ms.end());
    std::printf("| %s | %.0f ms | %.0f ms | %s |\n", what, ms[ms.size() / 2], ms.back(), wanted);
  };
  std::error_code ec;
  std::printf("A house of %d athletes and %d sets, %d of them measured: a file of %.0f MB, %d rounds.\n\n",
              kAthletes, kAthletes * kSetsEach, kAthletes * kSetsEach / kFilmedEvery,
              static_cast<double>(std::filesystem::file_size(path, ec)) / 1e6, kRounds);
  std::puts("| what | middle | slowest | wanted |\n|---|---|---|---|");
  row("open, to a window that can be used", open, "1.5 s");
  row("Story of one athlete, drawn", story, "100 ms");
  for (std::size_t k = 0; k < queries.size(); ++k)
    row(("search “" + std::string(queries[k]) + "” (" + std::to_string(found[k]) + " of all), listed")
            .c_str(),
        search[k], "200 ms");
  row("Ahead of one athlete, drawn", ahead, "");
  row("Today, drawn", day, "");
  row("sheet of a measured set without its film, drawn", sheet, "");
  row("what cues did in the whole house, read beside it", cues, "");
  row("a rule of the House book, with what it says of all measured sets", book, "");
  std::printf("| most memory | %.0f MB | | 400 MB |\n", static_cast<double>(used.ru_maxrss) / 1024.0);
  return 0;
}

}  // namespace mottix
