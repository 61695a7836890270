// The command line's contract, through the program itself.
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <set>
#include <sstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include "core/measure/measure_set.h"
#include "store/house_file.h"

namespace {

namespace fs = std::filesystem;

struct Ran {
  int code;
  std::string out, err;
};

std::string textOf(const fs::path& file) {
  std::ifstream in(file, std::ios::binary);
  std::ostringstream s;
  s << in.rdbuf();
  return s.str();
}

class CommandLine : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_cli_" + std::to_string(getpid()));
    fs::create_directories(folder);
    const Ran made = run("film " + (folder / "squat.mp4").string() +
                         " --seed 2 --reps 2 --width 640 --height 360 --noise 2 --side right");
    ASSERT_EQ(made.code, 0) << made.err;
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }
  static Ran run(const std::string& arguments) {
    const std::string command = std::string(MOTTIX_CLI) + " " + arguments + " >" + (folder / "out").string() +
                                " 2>" + (folder / "err").string();
    const int status = std::system(command.c_str());
    return {WIFEXITED(status) ? WEXITSTATUS(status) : -1, textOf(folder / "out"), textOf(folder / "err")};
  }
  static bool fitsSchema(const fs::path& file, const std::string& schema) {
    const std::string validate =
        "PATH=/usr/bin:$PATH python3 -c \"import json,jsonschema,sys; "
        "jsonschema.validate(json.load(open(sys.argv[1])), json.load(open(sys.argv[2])))\" " +
        file.string() + " " MOTTIX_SOURCE_DIR "/docs/" + schema + ".schema.json";
    return std::system(validate.c_str()) == 0;
  }
  // The film as a squat of 80 kg, measured once for all who only need a result.
  static const std::string& measured() {
    static const std::string result = [] {
      const std::string json = (folder / "measured.json").string();
      const Ran ran = run("analyse " + film() + " --lift squat --load 80 --json " + json);
      EXPECT_EQ(ran.code, 0) << ran.err;
      return json;
    }();
    return result;
  }
  static std::string film() { return (folder / "squat.mp4").string(); }
  static fs::path folder;
};
fs::path CommandLine::folder;

TEST_F(CommandLine, AnEmptyBarHasToBePointedAt) {
  const std::string empty = (folder / "empty.mp4").string();
  ASSERT_EQ(run("film " + empty + " --seed 3 --reps 1 --load 20 --width 960 --height 540").code, 0);
  const Ran blind = run("analyse " + empty + " --bar-only --held empty_bar --load 20");
  EXPECT_NE(blind.code, 0);
  EXPECT_NE(blind.err.find("Point at"), std::string::npos) << blind.err;
  const auto truth = nlohmann::json::parse(std::ifstream(folder / "empty.truth.json"));
  const auto& p = truth["frames"][0]["plate_near"]["px"];
  const fs::path json = folder / "empty.json";
  const Ran seen = run("analyse " + empty + " --bar-only --held empty_bar --load 20 --point 0 " +
                       p[0].dump() + " " + p[1].dump() + " --json " + json.string());
  ASSERT_EQ(seen.code, 0) << seen.err;
  EXPECT_NE(seen.out.find("1 reps"), std::string::npos) << seen.out;
  EXPECT_TRUE(fitsSchema(json, "analysis"));
}

TEST_F(CommandLine, HelpNamesTheCommandsAndTheCaution) {
  const Ran help = run("--help");
  EXPECT_EQ(help.code, 0);
  for (const char* word : {"analyse", "film", "fit", "demo", "Exit codes", "clinician"})
    EXPECT_NE(help.out.find(word), std::string::npos) << word;
  for (const char* option : {"--lift", "--variant", "--view", "--facing", "--plate-mm", "--load", "--points",
                             "--athlete", "--school", "--json", "--csv", "--curves"})
    EXPECT_NE(run("analyse --help").out.find(option), std::string::npos) << option;
}

TEST_F(CommandLine, AnalyseWritesJsonThatFitsItsSchema) {
  const auto truth = nlohmann::json::parse(textOf(folder / "squat.truth.json"));
  nlohmann::json points = {{"frame", 0}, {"points", nlohmann::json::object()}};
  for (const char* j : {"hip", "knee", "ankle", "heel", "toe", "shoulder"})
    points["points"][j] = truth["frames"][0]["joints"][std::string("right_") + j]["px"];
  std::ofstream(folder / "points.json") << points.dump();
  std::ofstream(folder / "athlete.json") << R"({"name": "Runa", "step_kg": 1.25, "reps": 2})";
  const Ran ran =
      run("analyse " + film() + " --load 80 --points " + (folder / "points.json").string() + " --athlete " +
          (folder / "athlete.json").string() + " --json " + (folder / "a.json").string() + " --csv " +
          (folder / "a.csv").string() + " --curves " + (folder / "curves.csv").string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(ran.out.find("2 reps"), std::string::npos) << ran.out;
  const auto doc = nlohmann::json::parse(textOf(folder / "a.json"));
  EXPECT_EQ(doc["schema"], "mottix.analysis/1");
  EXPECT_EQ(doc["frames"].size(), truth["frames"].size());
  EXPECT_EQ(doc["reps"].size(), 2u);
  EXPECT_EQ(doc["view"]["facing"], "right");
  EXPECT_EQ(doc["clip"]["sha256"].get<std::string>().size(), 64u);
  EXPECT_TRUE(doc["decision"]["next_load_kg"].is_number());
  EXPECT_GT(textOf(folder / "a.csv").size(), 200u);
  const std::string curves = textOf(folder / "curves.csv");
  EXPECT_EQ(curves.rfind("frame,time_s,bar_height,bar_height_sd,", 0), 0u);
  EXPECT_EQ(static_cast<std::size_t>(std::count(curves.begin(), curves.end(), '\n')),
            nlohmann::json::parse(textOf(folder / "a.json"))["clip"]["frames"].get<std::size_t>() + 1);
  EXPECT_TRUE(fitsSchema(folder / "a.json", "analysis"));
}

TEST_F(CommandLine, WithoutPointsTheJointsAreFoundAndTheirErrorIsSaid) {
  const auto doc = nlohmann::json::parse(textOf(measured()), nullptr, false);
  ASSERT_FALSE(doc.is_discarded());
  const auto truth = nlohmann::json::parse(textOf(folder / "squat.truth.json"));
  EXPECT_EQ(doc["view"]["facing"], "right");
  const double height_px =
      truth["athlete"]["height_m"].get<double>() * 1000.0 / doc["scale"]["body_mm_per_px"].get<double>();
  for (const char* j : {"hip", "knee", "ankle"}) {
    const auto& found = doc["frames"][0]["joints"][j];
    const auto& px = truth["frames"][0]["joints"][std::string("right_") + j]["px"];
    const double off_px = std::hypot(found["x_px"].get<double>() - px[0].get<double>(),
                                     found["y_px"].get<double>() - px[1].get<double>());
    EXPECT_LT(off_px, 0.04 * height_px) << j;
    EXPECT_LT(off_px, 3.0 * std::sqrt(2.0) * found["sd_px"].get<double>()) << j;
    EXPECT_GT(found["sd_px"].get<double>(), 0.005 * height_px) << j << " is not as sure as all that";
  }
  EXPECT_NE(doc["warnings"].dump().find("joints_found"), std::string::npos);
  // Without the network the bar is measured all the same, and it is said why the rest is not.
  const Ran without = run("analyse " + film() + " --models /no/such/folder");
  EXPECT_EQ(without.code, 0);
  EXPECT_NE(without.err.find("body_points.onnx"), std::string::npos) << without.err;
  EXPECT_NE(without.out.find("2 reps"), std::string::npos);
}

TEST_F(CommandLine, TheSchemaKnowsEveryStatusOfAMeasure) {
  const std::string schema = textOf(MOTTIX_SOURCE_DIR "/docs/analysis.schema.json");
  for (int s = 0; s <= static_cast<int>(mottix::MeasureStatus::kImprecise); ++s) {
    const auto status = static_cast<mottix::MeasureStatus>(s);
    EXPECT_NE(schema.find('"' + std::string(nameOf(status)) + '"'), std::string::npos) << nameOf(status);
  }
}

TEST_F(CommandLine, JsonToStandardOutputIsNothingButJson) {
  const Ran ran = run("analyse " + film() + " --bar-only --json -");
  ASSERT_EQ(ran.code, 0) << ran.err;
  const auto doc = nlohmann::json::parse(ran.out, nullptr, false);
  ASSERT_FALSE(doc.is_discarded());
  EXPECT_TRUE(doc["frames"][0]["joints"].empty());
  EXPECT_EQ(doc["decision"]["action"], "cant_tell");
}

TEST_F(CommandLine, WrongUsageEndsWithTwo) {
  for (const std::string& arguments :
       {std::string(), std::string("analyse"), "analyse " + film() + " --lift jump",
        "analyse " + film() + " --plate-mm 5", "analyse " + film() + " --school nowhere",
        "analyse " + film() + " --bogus", std::string("film x.mp4 --reps 0"),
        "film " + (folder / "x.mp4").string() + " --reps 2 --high 5"})
    EXPECT_EQ(run(arguments).code, 2) << arguments;
  std::ofstream(folder / "bad.json") << "{\"frame\": 0, \"points\": {\"tail\": [1, 2]}}";
  const Ran bad = run("analyse " + film() + " --points " + (folder / "bad.json").string());
  EXPECT_EQ(bad.code, 2);
  EXPECT_NE(bad.err.find("tail"), std::string::npos);
}

TEST_F(CommandLine, AFileThatCannotBeReadEndsWithThree) {
  std::ofstream(folder / "letter.mp4") << "not a film at all, but long enough to be looked at closely";
  std::ofstream(folder / "empty.mp4");
  for (const char* name : {"gone.mp4", "letter.mp4", "empty.mp4"}) {
    const Ran ran = run("analyse " + (folder / name).string());
    EXPECT_EQ(ran.code, 3) << name << ran.err;
    EXPECT_NE(ran.err.find(name), std::string::npos);
  }
  EXPECT_EQ(run("analyse " + film() + " --points " + (folder / "none.json").string()).code, 3);
  EXPECT_EQ(run("analyse " + film() + " --json /no/such/folder/a.json").code, 3);
}

TEST_F(CommandLine, WhatCannotBeMeasuredEndsWithFour) {
  EXPECT_EQ(run("analyse " + film() + " --view front").code, 4);
  EXPECT_EQ(run("analyse " + film() + " --bar-only --to 0.2").code, 2) << "no rep in that part";
  // A line across the picture is nothing upright, and a length of nothing is none.
  EXPECT_EQ(run("analyse " + film() + " --upright 100 200 400 210").code, 2);
  EXPECT_EQ(run("analyse " + film() + " --ruler 100 200 400 200 0").code, 2);
  ASSERT_EQ(std::system(
                ("ffmpeg -v error -y -f lavfi -i color=gray:s=640x360:d=2 " + (folder / "gray.mp4").string())
                    .c_str()),
            0);
  const Ran none = run("analyse " + (folder / "gray.mp4").string());
  EXPECT_EQ(none.code, 4);
  EXPECT_NE(none.err.find("plate"), std::string::npos);
  // One rep cut off before its turn: the bar moves, but there is no rep.
  ASSERT_EQ(
      std::system(("ffmpeg -v error -y -i " + film() + " -t 2.6 " + (folder / "half.mp4").string()).c_str()),
      0);
  const Ran half = run("analyse " + (folder / "half.mp4").string());
  EXPECT_EQ(half.code, 4) << half.err;
  EXPECT_NE(half.err.find("rep"), std::string::npos);
}

TEST_F(CommandLine, FilmPlantsWhatIsAskedAndStatesItInTheTruth) {
  const std::string to = (folder / "planted.mp4").string();
  const Ran ran = run(
      "film " + to +
      " --seed 9 --reps 3 --width 320 --height 180 --fps 15 --load 100 --side left --yaw 4 --distance 3.6 "
      "--high 1 --hips-first 2 --bar-forward 3 --passer-by");
  ASSERT_EQ(ran.code, 0) << ran.err;
  const auto truth = nlohmann::json::parse(textOf(folder / "planted.truth.json"));
  EXPECT_EQ(truth["events"].size(), 3u);
  EXPECT_DOUBLE_EQ(truth["load_kg"].get<double>(), 100.0);
  EXPECT_NE(truth["view"].get<std::string>().find("left"), std::string::npos);
  ASSERT_EQ(truth["faults"].size(), 3u);
  const auto& reps = truth["measured_per_rep"];
  EXPECT_LT(reps[0]["depth_hip_below_knee_m"].get<double>(), -0.05);
  EXPECT_GT(reps[1]["trunk_max_ascent_deg"].get<double>() - reps[1]["trunk_at_bottom_deg"].get<double>(),
            8.0);
  EXPECT_GT(reps[2]["bar_x_max_m"].get<double>(), 0.07);
  EXPECT_LT(reps[1]["bar_x_max_m"].get<double>(), 0.01);
  const Ran clean = run("film " + to + " --seed 9 --reps 1 --width 320 --height 180 --fps 15 --clean");
  ASSERT_EQ(clean.code, 0);
  EXPECT_TRUE(nlohmann::json::parse(textOf(folder / "planted.truth.json"))["faults"].empty());
}

TEST_F(CommandLine, APressFromItsFootEndIsFilmedAndMeasured) {
  const std::string press = (folder / "press.mp4").string();
  const std::string filmed =
      "film " + press + " --lift bench --view front --seed 9 --reps 2 --width 640 --height 360";
  ASSERT_EQ(run(filmed + " --right-lags 2").code, 0);
  const auto truth = nlohmann::json::parse(textOf(folder / "press.truth.json"));
  EXPECT_EQ(truth["lift"], "bench");
  EXPECT_EQ(truth["view"], "foot end");
  ASSERT_EQ(truth["faults"].size(), 1u);
  EXPECT_EQ(truth["faults"][0]["reps"], nlohmann::json({2}));
  const std::string out = (folder / "press.json").string();
  const Ran ran = run("analyse " + press + " --lift bench --load 80 --json " + out);
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(ran.out.find("from the foot end"), std::string::npos) << ran.out;
  EXPECT_TRUE(fitsSchema(out, "analysis"));
  const auto doc = nlohmann::json::parse(textOf(out));
  EXPECT_EQ(doc["view"]["kind"], "front");
  EXPECT_EQ(doc["frames"][60]["ends"].size(), 2u);
  EXPECT_EQ(doc["reps"].size(), 2u);
  EXPECT_NE(doc["warnings"].dump().find("view_assumed"), std::string::npos);
  EXPECT_NE(doc["findings"].dump().find("bar.uneven"), std::string::npos) << doc["findings"].dump();
  // Said to be the head end, nothing is assumed; points of a side view do not belong here.
  const Ran said = run("analyse " + press + " --lift bench --view head --json -");
  EXPECT_EQ(nlohmann::json::parse(said.out)["view"]["kind"], "rear");
  EXPECT_EQ(said.out.find("view_assumed"), std::string::npos);
  std::ofstream(folder / "side.json") << R"({"frame": 0, "points": {"hip": [1, 2]}})";
  EXPECT_EQ(run("analyse " + press + " --lift bench --points " + (folder / "side.json").string()).code, 2);
  // A press has no depth to miss, and only deadlifts are sumo.
  EXPECT_EQ(run(filmed + " --high 1").code, 2);
  EXPECT_EQ(run(filmed + " --sumo").code, 2);
}

TEST_F(CommandLine, TheLoadAndTheAthleteShowInTheDecision) {
  std::ofstream(folder / "sore.json") << R"({"name": "Ingeborg", "open_pain": 6})";
  const Ran sore =
      run("analyse " + film() + " --load 80 --athlete " + (folder / "sore.json").string() + " --json -");
  ASSERT_EQ(sore.code, 0);
  EXPECT_LE(nlohmann::json::parse(sore.out)["decision"]["next_load_kg"].get<double>(), 80.0);
  const Ran dead = run("analyse " + film() + " --lift deadlift --bar-only --json -");
  EXPECT_EQ(dead.code, 0) << dead.err;
  EXPECT_NE(nlohmann::json::parse(dead.out)["decision"]["action"], "add") << "taken for another lift";
  std::ofstream(folder / "odd.json") << R"({"name": "Odd", "shoe": 44})";
  EXPECT_EQ(run("analyse " + film() + " --athlete " + (folder / "odd.json").string()).code, 2);
}

TEST_F(CommandLine, ANewerAnalysisOfTheSameFilmIsTheSame) {
  const Ran again = run("analyse " + film() + " --lift squat --load 80 --json -");
  const std::string first = textOf(measured());
  EXPECT_EQ(again.out, first);
  const Ran small = run("analyse " + film() + " --bar-only --plate-mm 400 --json -");
  const double ratio = nlohmann::json::parse(small.out)["scale"]["mm_per_px"].get<double>() /
                       nlohmann::json::parse(first)["scale"]["mm_per_px"].get<double>();
  EXPECT_NEAR(ratio, 400.0 / 450.0, 0.003);
}

TEST_F(CommandLine, FitWritesWhatItsSchemaSaysForEveryLift) {
  const fs::path athlete = folder / "body.json", out = folder / "fit.json";
  std::ofstream(athlete) << R"({"name": "Runa Tveit", "height_cm": 170, "mass_kg": 66, "knee_to_wall_cm": 9,
    "lengths_cm": {"thigh": 44, "trunk": 47}, "complaints": [{"joint": "knee", "side": "left", "level": 5}]})";
  EXPECT_TRUE(fitsSchema(athlete, "athlete"));
  for (const char* lift : {"squat", "deadlift", "bench"}) {
    const Ran ran =
        run("fit --athlete " + athlete.string() + " --load 70 --lift " + lift + " --json " + out.string());
    ASSERT_EQ(ran.code, 0) << ran.err;
    EXPECT_NE(ran.out.find("Caution"), std::string::npos) << "an open complaint is never silent";
    EXPECT_TRUE(fitsSchema(out, "fit")) << lift;
    const auto doc = nlohmann::json::parse(textOf(out));
    EXPECT_EQ(doc["lift"], lift);
    EXPECT_TRUE(doc["posture"]["feasible"].get<bool>());
  }
  const Ran piped =
      run("fit --athlete " + athlete.string() + " --variant low --stance 50 --heel 10 --depth 2 --json -");
  const auto doc = nlohmann::json::parse(piped.out, nullptr, false);
  ASSERT_TRUE(doc.is_object()) << "nothing but JSON";
  EXPECT_EQ(doc["variant"], "low");
  EXPECT_EQ(doc["setup"]["stance_cm"], 50.0);
  EXPECT_EQ(doc["setup"]["heel_mm"], 10.0);
}

TEST_F(CommandLine, FitRefusesWhatCannotBeABody) {
  const fs::path athlete = folder / "wrong.json";
  auto with = [&](const std::string& text, const std::string& more = {}) {
    std::ofstream(athlete) << text;
    return run("fit --athlete " + athlete.string() + more);
  };
  EXPECT_EQ(run("fit").code, 2);
  EXPECT_EQ(run("fit --athlete " + (folder / "nowhere.json").string()).code, 3);
  const Ran metres = with(R"({"height_cm": 1.7})");
  EXPECT_EQ(metres.code, 2);
  EXPECT_NE(metres.err.find("metres"), std::string::npos);
  EXPECT_EQ(with(R"({"name": "x"})").code, 2) << "no height";
  EXPECT_EQ(with(R"({"height_cm": 170})", " --variant sideways").code, 2);
  EXPECT_EQ(with(R"({"height_cm": 170})", " --school own").code, 2);
  EXPECT_EQ(with(R"({"height_cm": 170})", " --lift bench --stance 40").code, 2);
  EXPECT_EQ(with(R"({"height_cm": 170})", " --stance -4").code, 2);
  const Ran estimated = with(R"({"height_cm": 170})");
  EXPECT_EQ(estimated.code, 0);
  EXPECT_NE(estimated.out.find("estimated"), std::string::npos);
  // The same file serves the analysis.
  std::ofstream(athlete)
      << R"({"name": "x", "height_cm": 170, "complaints": [{"joint": "knee", "level": 6}]})";
  const Ran analysed = run("analyse " + film() + " --load 80 --athlete " + athlete.string());
  EXPECT_EQ(analysed.code, 0) << analysed.err;
  EXPECT_NE(analysed.out.find("because the knee is sore"), std::string::npos) << analysed.out;
  EXPECT_EQ(analysed.out.find("Next: add"), std::string::npos) << analysed.out;
}

TEST_F(CommandLine, AResultIsJudgedAgainByOtherSchools) {
  const std::string& result = measured();
  const Ran both = run("judge " + result + " --school base --school knee-sparing+repair-first");
  ASSERT_EQ(both.code, 0) << both.err;
  EXPECT_NE(both.out.find("Judged by the base.\n"), std::string::npos) << both.out;
  EXPECT_NE(both.out.find("knee-sparing squat, repair before adding"), std::string::npos) << both.out;
  const Ran json = run("judge " + result + " --school base --school knee-sparing --effort 9 --json -");
  const auto doc = nlohmann::json::parse(json.out);
  ASSERT_EQ(doc.size(), 2u);
  EXPECT_EQ(doc[0]["book"], "base");
  EXPECT_NE(doc[0]["findings"], doc[1]["findings"]) << "the same film, another judgement";
  for (const auto& f : doc[1]["findings"])
    EXPECT_TRUE(f["school"] == "base" || f["school"] == "knee-sparing");
  const Ran mixed = run("judge " + result + " --school hip-led+hips-move-first");
  EXPECT_EQ(mixed.code, 2);
  EXPECT_NE(mixed.err.find("choose one"), std::string::npos) << mixed.err;
  EXPECT_EQ(run("judge " + result + " --school moon").code, 2);
  EXPECT_EQ(run("judge " + (folder / "nowhere.json").string()).code, 3);
  std::ofstream(folder / "broken.json") << "{\"schema\": \"other\"}";
  const Ran broken = run("judge " + (folder / "broken.json").string());
  EXPECT_EQ(broken.code, 2);
  EXPECT_NE(broken.err.find("broken.json"), std::string::npos);
}

TEST_F(CommandLine, RuleBooksAreChecked) {
  const fs::path rules = fs::path(MOTTIX_SOURCE_DIR) / "resources" / "rules";
  const Ran base = run("rules check " + (rules / "base.toml").string());
  EXPECT_EQ(base.code, 0) << base.err;
  EXPECT_NE(base.out.find("a valid book, “base”"), std::string::npos);
  for (const auto& school : fs::directory_iterator(rules / "schools"))
    EXPECT_EQ(run("rules check " + school.path().string()).code, 0) << school.path();
  std::ofstream(folder / "bad.toml")
      << "name = \"x\"\nversion = \"1\"\n\n[[rule]]\nid = \"a\"\nlifts = [\"swim\"]\n";
  const Ran bad = run("rules check " + (folder / "bad.toml").string());
  EXPECT_EQ(bad.code, 2);
  EXPECT_NE(bad.err.find("bad.toml, line 4"), std::string::npos) << bad.err;
  const Ran list = run("rules list");
  EXPECT_NE(list.out.find("squat.high"), std::string::npos);
  EXPECT_NE(list.out.find("hip-led (squat style)"), std::string::npos);
}

TEST_F(CommandLine, WhatAHouseSaysForOneSchoolIsChecked) {
  const auto check = [&](const std::string& change) {
    std::ofstream(folder / "house.toml")
        << "name = \"house\"\ntitle = \"t\"\nquestion = \"house\"\nabout = \"a\"\n"
           "version = \"1\"\nover = \"base\"\nlifts = [\"squat\"]\n[[change]]\n"
        << change << "why = \"w\"\n";
    return run("rules check " + (folder / "house.toml").string());
  };
  const std::string hips = "rule = \"squat.hips_first\"\n";
  EXPECT_EQ(check(hips + "school = \"hip-led\"\nlimit = 10\n").code, 0);
  EXPECT_NE(check(hips + "school = \"moon\"\nlimit = 10\n").err.find("no school “moon”"), std::string::npos);
  EXPECT_NE(check("rule = \"nowhere\"\nschool = \"upright\"\nlimit = 1\n").err.find("has no rule “nowhere”"),
            std::string::npos);
  EXPECT_NE(check(hips + "school = \"upright\"\nlimit = 40\n").err.find("big must lie beyond"),
            std::string::npos);
}

TEST_F(CommandLine, WhatIsUsualIsToldFromAHousesLog) {
  const std::string &result = measured(), house_file = (folder / "log.mottix").string(),
                    athlete = (folder / "runa.json").string();
  {
    using namespace mottix;
    auto house = HouseFile::open(house_file);
    ASSERT_TRUE(house);
    SetRecord set;
    set.athlete = *house->addAthlete({{}, "Runa Tveit", 2.5, 0, ""});
    set.edit.asked.variant = "";
    // Another descent than in the film, in every set before.
    for (int k = 0; k < 5; ++k) {
      set.day = "2026-11-0" + std::to_string(k + 1);
      Analysis a;
      a.computed = true;
      for (int rep = 1; rep <= 3; ++rep)
        for (const MeasureId id :
             {MeasureId::kTrunkLeanStart, MeasureId::kTrunkLeanTurn, MeasureId::kTrunkLeanMost})
          a.measures.push_back({id, rep, {5.0 + 0.1 * k, 0.2}, MeasureStatus::kOk, 0});
      const auto id = house->addSet(set);
      ASSERT_TRUE(id);
      ASSERT_TRUE(house->saveResults(*id, a, builtInRuleBook()));
    }
  }
  std::ofstream(athlete) << R"({"name": "Runa Tveit"})";
  const std::string judge = "judge " + result + " --athlete " + athlete;
  const auto rules = [&](const Ran& ran) {
    std::set<std::string> out;
    const auto doc = nlohmann::json::parse(ran.out);
    for (const auto& f : doc[0]["findings"])
      if (f["certainty"] != "cant_tell") out.insert(f["rule"].get<std::string>());
    return out;
  };
  const auto without = rules(run(judge + " --json -")),
             with = rules(run(judge + " --log " + house_file + " --json -"));
  EXPECT_FALSE(without.contains("squat.trunk_other"));
  EXPECT_TRUE(with.contains("squat.trunk_other"));
  EXPECT_EQ(run(judge + " --log " + (folder / "nowhere.mottix").string()).code, 3);
  std::ofstream(athlete) << R"({"name": "Somebody Else"})";
  const Ran nobody = run(judge + " --log " + house_file);
  EXPECT_EQ(nobody.code, 2);
  EXPECT_NE(nobody.err.find("knows nobody called “Somebody Else”"), std::string::npos) << nobody.err;
  EXPECT_NE(run("judge " + result + " --log " + house_file).code, 0) << "of whom?";
}

TEST_F(CommandLine, PlatesForALoadAreSaid) {
  const Ran plain = run("plates --load 102.5");
  EXPECT_EQ(plain.code, 0) << plain.err;
  EXPECT_EQ(plain.out, "102.5 kg: 25 + 15 + 1.25 a side\n");
  const Ran few = run("plates --load 100 --bar 20 --have \"25x2,10x2\"");
  EXPECT_EQ(few.out, "90 kg: 25 + 10 a side; 10 kg less than asked for\n");
  const Ran pounds = run("plates --load 225 --unit lb --bar 45 --have \"45lbx4,25lbx2\"");
  EXPECT_EQ(pounds.out, "225 lb: 45 lb + 45 lb a side\n");
  const std::string json = (folder / "plates.json").string();
  ASSERT_EQ(run("plates --load 100 --warm-up --json " + json).code, 0);
  EXPECT_TRUE(fitsSchema(json, "plates"));
  const auto doc = nlohmann::json::parse(run("plates --load 100 --warm-up --json -").out);
  EXPECT_EQ(doc["loading"]["total"], 100.0);
  EXPECT_GE(doc["warm_up"].size(), 4u);
  EXPECT_EQ(doc["warm_up"][0]["total"], 20.0);
  std::ofstream(folder / "gear.toml")
      << "collar_kg = 2.5\n[[bar]]\nname = \"axle\"\nkg = 10\n[[plate]]\nkg = "
         "20\ncount = 4\n";
  const std::string gear = " --gear " + (folder / "gear.toml").string();
  EXPECT_EQ(run("plates --load 95 --bar axle" + gear).out, "95 kg: 20 + 20 a side\n");
  EXPECT_EQ(run("plates --load 60 --have \"many\"").code, 2);
  EXPECT_EQ(run("plates --load 60 --bar heavy").code, 2);
  EXPECT_EQ(run("plates --load 10 --never-above").code, 2);
  std::ofstream(folder / "gear.toml") << "[[plate]]\nkg = 20\n";
  const Ran broken = run("plates --load 60" + gear);
  EXPECT_EQ(broken.code, 2);
  EXPECT_NE(broken.err.find("gear.toml"), std::string::npos) << broken.err;
}

// Three weeks of fives and a single, the last a week ago.
const char* const kHistory = R"({"schema": "mottix.history/1", "lift": "squat", "step_kg": 2.5, "sets": [
  {"day": "2026-11-02", "load_kg": 100, "reps": 5, "effort": 8, "verdict": "add", "speeds_ms": [0.5, [0.45, 0.02]]},
  {"day": "2026-11-09", "load_kg": 102.5, "reps": 5, "reps_asked": 5, "effort": 8, "effort_seen": 8.5},
  {"day": "2026-11-16", "load_kg": 120, "reps": 1, "effort": 8, "verdict": "add"},
  {"day": "2026-11-16", "load_kg": 97.5, "reps": 5, "effort": 8, "verdict": "add"}]})";

TEST_F(CommandLine, NextSetsByAPlanAndItsGates) {
  const std::string history = (folder / "history.json").string();
  std::ofstream(history) << kHistory;
  EXPECT_TRUE(fitsSchema(history, "history"));
  const std::string json = (folder / "next.json").string();
  const Ran plain =
      run("next --history " + history + " --school top-single --today 2026-11-23 --json " + json);
  ASSERT_EQ(plain.code, 0) << plain.err;
  EXPECT_TRUE(fitsSchema(json, "next"));
  // 120 · 1.015 = 121.8 → 122.5; 0.8 of it is 98 → 97.5.
  EXPECT_NE(plain.out.find("A single of 122.5 kg at effort 8, then 5 × 5 × 97.5 kg"), std::string::npos)
      << plain.out;
  EXPECT_NE(plain.out.find("Best single"), std::string::npos);
  const auto doc = nlohmann::json::parse(textOf(json));
  EXPECT_EQ(doc["reason"], "gain_added");
  EXPECT_GT(doc["strength"]["best_kg"].get<double>(), 120.0);
  // On stdin and stdout; a break of five weeks.
  const Ran piped = run("next --history - --school top-single --today 2026-12-21 --json - < " + history);
  ASSERT_EQ(piped.code, 0) << piped.err;
  const auto after = nlohmann::json::parse(piped.out);
  EXPECT_EQ(after["reason"], "break");
  EXPECT_EQ(after["sets"][0]["load_kg"], 90.0);  // a quarter less
  std::ofstream(folder / "room.toml")
      << "collar_kg = 0\n[[bar]]\nname = \"bar\"\nkg = 20\n[[plate]]\nkg = 10\ncount = 12\n";
  const auto loaded = nlohmann::json::parse(run("next --history " + history +
                                                " --school top-single --today 2026-11-23 --gear " +
                                                (folder / "room.toml").string() + " --json -")
                                                .out);
  EXPECT_EQ(loaded["sets"][0]["load_kg"], 120.0);
  EXPECT_EQ(run("next --history " + history + " --school magic").code, 2);
  EXPECT_EQ(run("next --history " + history + " --today soon").code, 2);
  EXPECT_EQ(run("next --history " + (folder / "nothing.json").string()).code, 3);
  std::ofstream(folder / "bad.json")
      << R"({"lift": "squat", "sets": [{"day": "2026-11-02", "load_kg": -5, "reps": 5}]})";
  const Ran bad = run("next --history " + (folder / "bad.json").string());
  EXPECT_EQ(bad.code, 2);
  EXPECT_NE(bad.err.find("bad.json"), std::string::npos);
  EXPECT_NE(bad.err.find("load_kg"), std::string::npos);
}

TEST_F(CommandLine, TheWeeksToATest) {
  const std::string history = (folder / "history.json").string(), athlete = (folder / "runa.json").string();
  std::ofstream(history) << kHistory;
  std::ofstream(athlete) << R"({"name": "Runa Vik", "test_day": "2027-02-20", "step_kg": 2.5})";
  const std::string json = (folder / "plan.json").string(), calendar = (folder / "plan.ics").string(),
                    csv = (folder / "plan.csv").string(),
                    base = "plan --athlete " + athlete + " --history " + history +
                           " --school top_single --today 2026-11-23";
  const Ran plain = run(base + " --goal 140 --missed 2026-12-24 --json " + json + " --calendar " + calendar +
                        " --csv " + csv);
  ASSERT_EQ(plain.code, 0) << plain.err;
  EXPECT_TRUE(fitsSchema(json, "plan"));
  EXPECT_NE(plain.out.find("Open with"), std::string::npos) << plain.out;
  const auto doc = nlohmann::json::parse(textOf(json));
  EXPECT_EQ(doc["weeks"].size(), 13u);
  EXPECT_EQ(doc["weeks"][0]["top_kg"], 122.5);
  EXPECT_EQ(doc["weeks"][4]["missed"], true);
  EXPECT_EQ(doc["weeks"][12]["block"], "test");
  EXPECT_TRUE(doc["goal_chance"].is_number());
  const std::string ics = textOf(calendar);
  EXPECT_EQ(ics.rfind("BEGIN:VCALENDAR\r\n", 0), 0u);
  EXPECT_NE(ics.find("DTSTART;VALUE=DATE:20270220"), std::string::npos);
  const std::string weeks = textOf(csv);
  EXPECT_EQ(std::count(weeks.begin(), weeks.end(), '\n'), 14);
  EXPECT_EQ(nlohmann::json::parse(run(base + " --until 2027-01-10 --json -").out)["test"], "2027-01-10");
  EXPECT_EQ(run(base + " --until then").code, 2);
  EXPECT_EQ(run(base + " --until 2026-01-01").code, 2);
  EXPECT_EQ(run("plan --athlete " + athlete + " --until 2027-01-10").code, 2);  // which lift?
  EXPECT_EQ(run("plan --athlete " + athlete + " --lift bench --until 2027-01-10 --today 2026-11-23").code, 0);
}

TEST_F(CommandLine, AFolderOfFilmsIsMeasuredAndGoneOnWith) {
  const fs::path films = folder / "archive", out = folder / "results";
  fs::create_directories(films / "deeper");
  fs::copy_file(film(), films / "a.mp4");
  fs::copy_file(film(), films / "b.MP4");
  std::ofstream(films / "broken.mov") << "no film";
  std::ofstream(films / "notes.txt") << "no film either";
  const std::string batch =
      "analyse --batch " + films.string() + " --out " + out.string() + " --bar-only --lift squat --load 80";
  Ran ran = run(batch + " --jobs 2");
  EXPECT_EQ(ran.code, 4) << "one of them failed";
  const auto lines = std::count(ran.out.begin(), ran.out.end(), '\n');
  EXPECT_EQ(lines, 3) << ran.out;
  EXPECT_NE(ran.out.find("a.mp4\t2 reps"), std::string::npos) << ran.out;
  EXPECT_NE(ran.out.find("broken.mov\tfailed: "), std::string::npos) << ran.out;
  EXPECT_NE(ran.out.find("broken.mov”"), std::string::npos)
      << "the reason, as the worker said it: " << ran.out;
  EXPECT_TRUE(fitsSchema(out / "b.MP4.json", "analysis"));
  EXPECT_FALSE(fs::exists(out / "broken.mov.json"));
  EXPECT_FALSE(fs::exists(out / "broken.mov.unfinished"));
  // Gone on with: what is there stays as it is.
  const auto before = fs::last_write_time(out / "a.mp4.json");
  fs::remove(out / "b.MP4.json");
  fs::remove(films / "broken.mov");
  ran = run(batch);
  EXPECT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(ran.out.find("a.mp4\tthere already: 2 reps"), std::string::npos) << ran.out;
  EXPECT_NE(ran.out.find("b.MP4\t2 reps"), std::string::npos) << ran.out;
  EXPECT_EQ(fs::last_write_time(out / "a.mp4.json"), before);
  EXPECT_EQ(run("analyse --batch " + (folder / "none").string() + " --out " + out.string()).code, 3);
  EXPECT_EQ(run("analyse --batch " + (films / "deeper").string() + " --out " + out.string()).code, 3)
      << "no film in it";
  EXPECT_EQ(run("analyse --batch " + films.string()).code, 2) << "where to is missing";
  EXPECT_EQ(run("analyse").code, 2);
}

TEST_F(CommandLine, TheShellCompletesCommandsOptionsAndFiles) {
  const std::string bin = fs::path(MOTTIX_CLI).parent_path().string();
  const std::string script = std::string(MOTTIX_SOURCE_DIR) + "/packaging/mottix-cli.bash";
  const auto completed = [&](const std::string& words, int at) {
    const fs::path out = folder / "completed";
    const std::string command = "PATH=" + bin + ":$PATH bash -c 'source " + script + "; COMP_WORDS=(" +
                                words + "); COMP_CWORD=" + std::to_string(at) +
                                "; _mottix_cli; printf \"%s\\n\" \"${COMPREPLY[@]}\"' > " + out.string();
    EXPECT_EQ(std::system(command.c_str()), 0);
    std::ifstream in(out);
    std::set<std::string> found;
    for (std::string line; std::getline(in, line);) found.insert(line);
    return found;
  };
  EXPECT_TRUE(completed("mottix-cli an", 1).contains("analyse"));
  EXPECT_FALSE(completed("mottix-cli an", 1).contains("plan"));
  const auto options = completed("mottix-cli analyse --b", 2);
  EXPECT_TRUE(options.contains("--batch") && options.contains("--bar-only"));
  EXPECT_FALSE(options.contains("--lift"));
  std::ofstream(folder / "heavy.mp4") << "x";
  EXPECT_TRUE(completed("mottix-cli analyse " + (folder / "hea").string(), 2)
                  .contains((folder / "heavy.mp4").string()));
}

TEST_F(CommandLine, WhatABatchMeasuredIsTakenIntoAHouse) {
  using namespace mottix;
  const fs::path films = folder / "Oda Fell", out = folder / "sets", house = folder / "merged.mottix";
  fs::create_directories(films);
  fs::copy_file(film(), films / "a.mp4");
  fs::copy_file(film(), films / "b.mp4");
  std::ofstream(films / "b.mp4", std::ios::app | std::ios::binary)
      << "another";  // the same film would be known
  const std::string batch = "analyse --batch '" + films.string() + "' --out " + out.string() +
                            " --bar-only --lift squat --load 80 --sets";
  ASSERT_EQ(run(batch).code, 0);
  ASSERT_TRUE(fs::exists(out / "a.mp4.mottix"));
  EXPECT_FALSE(fs::exists(out / "a.mp4.mottix.making"));
  const std::string into = "import --into " + house.string() + " ";
  Ran ran = run(into + (out / "a.mp4.mottix").string() + " " + (out / "b.mp4.mottix").string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(ran.out.find("2 sets taken in, 0 known already, 1 new athletes"), std::string::npos) << ran.out;
  // Once more changes nothing.
  ran = run(into + (out / "a.mp4.mottix").string());
  EXPECT_NE(ran.out.find("0 sets taken in, 1 known already"), std::string::npos) << ran.out;
  {
    auto merged = HouseFile::open(house);
    ASSERT_TRUE(merged);
    ASSERT_EQ(merged->athletes()->size(), 1u);
    EXPECT_EQ(merged->athletes()->front().name, "Oda Fell") << "the folder's name";
    const auto sets = *merged->sets();
    ASSERT_EQ(sets.size(), 2u);
    for (const SetRecord& set : sets) {
      EXPECT_EQ(set.edit.asked.load_kg, 80.0);
      EXPECT_TRUE(fs::exists(merged->filmPath(set.clip))) << set.clip.file;
      const auto tracks = merged->loadTracks(set.id);
      ASSERT_TRUE(tracks && *tracks);
      EXPECT_GT((*tracks)->tracks.bar.size(), 50u);
    }
    EXPECT_EQ(merged->results()->size(), 2u);
    EXPECT_FALSE(merged->results()->front().measures.empty());
  }
  // What is none is said by name; the rest goes in.
  std::ofstream(folder / "noise.mottix") << "noise";
  ran = run(into + (folder / "noise.mottix").string() + " " + (out / "b.mp4.mottix").string());
  EXPECT_EQ(ran.code, 3) << ran.err;
  EXPECT_NE(ran.err.find("noise.mottix"), std::string::npos) << ran.err;
  EXPECT_NE(ran.out.find("1 known already"), std::string::npos) << ran.out;
  EXPECT_EQ(run("import " + (out / "a.mp4.mottix").string()).code, 2) << "where to is missing";
}

TEST_F(CommandLine, HousesGoOutComeInAndAreGoneBackTo) {
  using namespace mottix;
  const fs::path house = folder / "skarn.mottix", zip = folder / "skarn.zip", copy = folder / "copy.mottix";
  {
    auto h = HouseFile::open(house);
    ASSERT_TRUE(h);
    SetRecord set;
    set.athlete = *h->addAthlete({{}, "Runa Tveit", 2.5, 0, ""});
    set.day = "2026-11-24";
    ASSERT_TRUE(h->addSet(set));
  }
  Ran ran = run("export " + house.string() + " " + zip.string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(ran.out.find("1 athletes, 1 sets"), std::string::npos) << ran.out;
  ran = run("import " + zip.string() + " " + copy.string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(run("import " + zip.string() + " " + copy.string()).code, 0) << "never written over";
  ran = run("take " + zip.string() + " --into " + copy.string() + " --same beside --who \"Runa Tveit\"");
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_EQ(HouseFile::open(copy)->athletes()->size(), 2u);
  EXPECT_EQ(run("take " + zip.string() + " --into " + copy.string() + " --who Nobody").code, 2);
  ran = run("backup " + copy.string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  const std::string backup = ran.out.substr(12, ran.out.find('\n') - 12);
  ran = run("delete-athlete " + copy.string() + " \"Runa Tveit\"");
  EXPECT_NE(ran.code, 0);
  EXPECT_NE(ran.err.find("--yes"), std::string::npos) << ran.err;
  ran = run("delete-athlete " + copy.string() + " \"Runa Tveit\" --yes");
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_EQ(HouseFile::open(copy)->athletes()->size(), 1u);
  ran = run("go-back " + backup + " " + copy.string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_EQ(HouseFile::open(copy)->athletes()->size(), 2u);
  EXPECT_EQ(run("export " + (folder / "none.mottix").string() + " " + zip.string()).code, 3);
}

TEST_F(CommandLine, TheMeasuresAreListedAndTheirPageIsCurrent) {
  std::ifstream in(fs::path(MOTTIX_SOURCE_DIR) / "docs" / "measures.md");
  const std::string page((std::istreambuf_iterator<char>(in)), {});
  EXPECT_EQ(run("measures --page").out, page) << "write docs/measures.md anew: mottix-cli measures --page";
  const auto list = nlohmann::json::parse(run("measures --json -").out);
  EXPECT_GT(list["measures"].size(), 70u);
  for (const auto& m : list["measures"]) EXPECT_FALSE(m["lifts"].empty()) << m["id"];
  EXPECT_NE(run("measures").out.find("depth_margin [cm; squat; side; turn]"), std::string::npos);
}

TEST_F(CommandLine, ALifterOfAGivenBodyIsFilmed) {
  const fs::path athlete = folder / "long.json", clip = folder / "long.mp4";
  std::ofstream(athlete) << R"({"height_cm": 180, "lengths_cm": {"thigh": 48, "trunk": 50}})";
  const Ran ran = run("film " + clip.string() + " --athlete " + athlete.string() +
                      " --reps 1 --width 320 --height 180 --fps 10");
  ASSERT_EQ(ran.code, 0) << ran.err;
  const auto truth = nlohmann::json::parse(textOf(folder / "long.truth.json"));
  EXPECT_NEAR(truth["athlete"]["height_m"].get<double>(), 1.80, 1e-9);
  EXPECT_NEAR(truth["athlete"]["segments_m"]["thigh"].get<double>(), 0.48, 1e-3);
  EXPECT_LT(truth["athlete"]["segments_m"]["trunk"].get<double>(), 0.50) << "under a bar it is shorter";
  std::ofstream(athlete) << R"({"name": "no height"})";
  EXPECT_EQ(run("film " + clip.string() + " --athlete " + athlete.string()).code, 2);
}

TEST_F(CommandLine, TheDemoHouseHasSixBodiesFromTapeAndFilm) {
  using namespace mottix;
  const fs::path house = folder / "demo.mottix", source = fs::path(MOTTIX_SOURCE_DIR) / "demo";
  // A few of the films: the rest is left out, and said.
  const fs::path some = folder / "footage";
  fs::create_directories(some);
  for (const auto& file : fs::directory_iterator(source / "footage"))
    if (const std::string name = file.path().filename().string();
        name.starts_with("skarn_knees_from_") || name.starts_with("skarn_knee_back_"))
      fs::create_symlink(file.path(), some / file.path().filename());
  const Ran ran = run("demo " + house.string() + " --footage " + some.string() + " --athletes " +
                      (source / "athletes").string());
  ASSERT_EQ(ran.code, 0) << ran.err;
  EXPECT_NE(ran.err.find("deadlift_side_good.mp4"), std::string::npos);
  EXPECT_EQ(ran.err.find("skarn_knee_back_to_depth"), std::string::npos);
  auto opened = HouseFile::open(house);
  ASSERT_TRUE(opened);
  const auto athletes = *opened->athletes();
  ASSERT_EQ(athletes.size(), 6u);
  const auto sets = *opened->sets();
  const auto filmed = std::count_if(sets.begin(), sets.end(), [](const SetRecord& s) { return s.hasFilm(); });
  EXPECT_EQ(filmed, 3);
  EXPECT_GT(sets.size(), 100u) << "and some months of log before them";
  EXPECT_GT(opened->blindLooks()->size(), 50u);
  int filmed_twice = 0;
  for (const SetRecord& set : sets)
    if (set.edit.other_film) {
      ++filmed_twice;
      EXPECT_NEAR(set.edit.other_film->later_s, -1.4, 1.0 / 30.0);  // the one from the side was begun earlier
    }
  EXPECT_EQ(filmed_twice, 1);
  int by_film = 0, sore = 0, tried = 0;
  for (const Athlete& a : athletes) {
    const AthleteRecord r = *opened->loadRecord(a.id);
    EXPECT_TRUE(subjectOf(r)) << a.name;
    EXPECT_FALSE(r.screens.empty()) << a.name;
    EXPECT_TRUE(findProblems(a.profile, "2026-11-24").empty()) << a.name;
    for (const auto& l : r.body->measured)
      if (l && l->source == LengthSource::kFromClip) ++by_film;
    if (a.worstPain() >= kComplaintThatCounts) ++sore;
    if (r.setups.size() >= 2) ++tried;
  }
  EXPECT_GE(by_film, 3);
  EXPECT_EQ(sore, 1);
  EXPECT_EQ(tried, 1);

  // Out of the house as a file, and back in as another athlete.
  EXPECT_NE(run("athlete " + house.string()).out.find("Sverre Lindheim"), std::string::npos);
  const fs::path out = folder / "sverre.json";
  ASSERT_EQ(run("athlete " + house.string() + " --name 'Sverre Lindheim' --json " + out.string()).code, 0);
  EXPECT_TRUE(fitsSchema(out, "athlete"));
  EXPECT_EQ(run("fit --athlete " + out.string()).code, 0);
  EXPECT_EQ(run("athlete " + house.string() + " --add " + out.string()).code, 0);
  EXPECT_EQ(opened->athletes()->size(), 7u);
  EXPECT_EQ(run("athlete " + house.string() + " --name Nobody").code, 2);
  EXPECT_EQ(run("athlete " + (folder / "nowhere.mottix").string()).code, 3);
}

TEST_F(CommandLine, ADemoHouseIsNeverWrittenOver) {
  std::ofstream(folder / "mine.mottix") << "precious";
  const Ran ran = run("demo " + (folder / "mine.mottix").string());
  EXPECT_EQ(ran.code, 3);
  EXPECT_EQ(textOf(folder / "mine.mottix"), "precious");
}

}  // namespace
