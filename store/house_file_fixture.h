// A folder with a house file in it, and an athlete, a set and tracks of which everything is stated. For
// tests.
#pragma once

#include <unistd.h>

#include <algorithm>
#include <fstream>

#include <gtest/gtest.h>

#include "store/house_file.h"

namespace mottix {

namespace fs = std::filesystem;

class HouseFileTest : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_store_" + std::to_string(getpid()) + "_" + nameOfTest());
    fs::create_directories(folder);
    path = folder / "house.mottix";
  }
  void TearDown() override { fs::remove_all(folder); }

  // Of a parametrised test without its slash.
  static std::string nameOfTest() {
    std::string name = testing::UnitTest::GetInstance()->current_test_info()->name();
    std::replace(name.begin(), name.end(), '/', '_');
    return name;
  }

  HouseFile opened() {
    auto house = HouseFile::open(path);
    EXPECT_TRUE(house) << (house ? "" : house.error().text);
    return std::move(*house);
  }
  static SetRecord someSet(AthleteId athlete) {
    SetRecord set;
    set.athlete = athlete;
    set.day = "2026-11-24";
    set.clip.file = "films/a.mp4";
    set.edit.asked = {Lift::kSquat, "low bar", 5, 82.5, 8.0, Facing::kRight, 450.0};
    set.edit.asked.view = View::kRear;
    set.edit.asked.lift_source = LiftSource::kSeen;
    set.edit.locked = {Joint::kKnee, Joint::kAnkle};
    set.edit.asked.sets = 3;
    set.edit.asked.tempo = "3-1-0";
    set.edit.asked.equipment = "belt, wraps";
    set.edit.effort_felt = 8.5;
    set.edit.effort_seen = 9.0;
    set.edit.reps_done = 4;
    set.edit.conditions = {Condition::kShortSleep, Condition::kOtherShoes};
    set.edit.note = "100 % of it after the night call_out";
    set.edit.suggested_kg = 80.0;
    set.edit.overruled = {{"squat.high", "a box was behind"}};
    set.edit.causes = {{"squat.high.ankle", true}, {"squat.high.stance", false}};
    set.edit.placed = {{7, {}}, {3, {}}};
    set.edit.placed[0].joints[indexOf(Joint::kHip)] = Vec2(1.25, 2.5);
    set.edit.placed[1].joints[indexOf(Joint::kKnee)] = Vec2(3, 4);
    set.edit.lines = {{RoomLineKind::kUpright, 12, Vec2(100, 500), Vec2(104, 90), 0.0},
                      {RoomLineKind::kLengthAtPlate, 0, Vec2(300, 640), Vec2(700, 641), 1.2}};
    set.edit.part = FilmPart{3, 250};
    set.edit.drawn = {{DrawnKind::kAngle, {{9, Vec2(1, 2)}, {9, Vec2(3, 4.5)}, {9, Vec2(5, 6)}}},
                      {DrawnKind::kTime, {{9, Vec2(1, 2)}, {40, Vec2(1, 2)}}}};
    set.edit.cue = "high.knees_out";
    set.edit.next_load_kg = 85.0;
    return set;
  }
  static TrackRecord someTracks() {
    TrackRecord record;
    record.version = "tracker/1";
    record.axis = AxisSeen{Vec2(600, 350), Vec2(20, 30), true, Estimate{0.32, 0.005}, Estimate{0.13, 0.002}};
    record.tracks.width_px = 1280;
    record.tracks.height_px = 720;
    for (int i = 0; i < 5; ++i) {
      record.tracks.time_s.push_back(i / 30.0);
      record.tracks.bar.push_back(
          {Vec2(100 + i, 200), 0.4, 80.0, i == 3 ? TrackState::kBridged : TrackState::kSeen});
    }
    record.tracks.bar[4].state = TrackState::kLost;
    record.tracks.ends = {record.tracks.bar, record.tracks.bar};
    for (BarSample& s : record.tracks.ends[1]) s.p_px += Vec2(400, 3);
    record.tracks.uprights = {{Vec2(100, 600), Vec2(104, 90)}, {Vec2(900, 610), Vec2(903, 80)}};
    record.tracks.lens_k1 = Estimate{-0.04, 0.015};
    record.held = Held::kDumbbells;
    for (int i = 0; i < 5; ++i)
      record.tracks.shake.push_back({Vec2(1.5 * i, -i), 0.001 * i, 0.002 * i, 0.3, i != 3});
    record.carried[indexOf(Joint::kHip)].assign(5, {Vec2(10, 20), 1.5, true});
    record.carried[indexOf(Joint::kHip)][2].known = false;
    record.found.set(Joint::kHip, Joint::kHip, Eigen::Matrix2d{{300.0, 20.0}, {20.0, 280.0}});
    record.found.set(Joint::kShoulder, Joint::kShoulder, Eigen::Matrix2d{{200.0, 0.0}, {0.0, 90.0}});
    record.found.set(Joint::kHip, Joint::kShoulder, Eigen::Matrix2d{{150.0, 4.0}, {-6.0, 70.0}});
    return record;
  }
  static std::string bytes(const fs::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
  }
  fs::path folder, path;
};

inline AthleteRecord fullRecord(AthleteId id) {
  AthleteRecord r;
  r.athlete = {id, "Runa Tveit", 1.25, 2, "Low bar since spring."};
  r.athlete.profile = {1994,
                       2019,
                       "carry a stretcher",
                       "2027-03-20",
                       SquatSchool::kHipLed,
                       BenchSchool::kCompetition,
                       DeadliftSchool::kFeltTension,
                       {Equipment::kBelt, Equipment::kStraps},
                       {Constraint::kPause},
                       {"eyes-ahead", "repair-first"}};
  r.athlete.worst_complaint = 5;
  r.body = BodyFacts{1.74, 68.0, Sex::kFemale, {}, std::nullopt};
  r.body->measured[indexOf(Segment::kThigh)] = BodyLength{{0.43, 0.01}, LengthSource::kByHand};
  r.body->measured[indexOf(Segment::kTrunk)] = BodyLength{{0.49, 0.02}, LengthSource::kFromClip};
  r.complaints = {{{ComplaintJoint::kBack, 7}, "", "2026-09-01", "2026-09-20"},
                  {{ComplaintJoint::kKnee, 5}, "right", "2026-10-12", ""}};
  r.screens = {{Screen::kKneeToWall, "2026-10-12", {9.0, std::nullopt}},
               {Screen::kBottomHold, "2026-10-12", {1.0, 1.0, 0.0, 1.0}}};
  r.setups = {{SetupId{1},
               id,
               Lift::kSquat,
               "low bar, 46 cm",
               "2026-11-24",
               {{"bar_position", std::nullopt, "low", "", "The chosen school asks for it."},
                {"stance", 46.0, "", "cm", "The thighs are long."}},
               true,
               "Felt better."}};
  return r;
}

}  // namespace mottix
