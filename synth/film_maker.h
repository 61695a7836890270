// The simulated camera: films a planned lift and writes what is exactly true in it.
//
// The truth file has the layout of demo/footage/README.md: camera, athlete, events, planted faults, what the
// exact motion does in each rep, and bar, plate and joints of every frame in pixels and metres.
#pragma once

#include <cstdint>
#include <filesystem>
#include <functional>
#include <memory>
#include <string>

#include "synth/bench_motion.h"
#include "synth/deadlift_motion.h"
#include "synth/phone_picture.h"
#include "synth/scene_picture.h"
#include "synth/squat_motion.h"

namespace mottix {

// How hard a film is to read: a quiet room and a stand; others in the room and blur; a hand; all that a cheap
// phone does.
inline constexpr std::array<std::string_view, 4> kFilmPresets = {"plain", "gym", "hand", "phone"};

struct FilmPlan {
  std::string name = "squat";
  Lift lift = Lift::kSquat;
  View view = View::kSide;
  SquatPlan squat;  // the one of these that `lift` names is filmed
  DeadliftPlan deadlift;
  BenchPlan bench;
  RoomLook look;
  double load_kg = 80.0;
  double dumbbell_mm = 0.0;  // diameter of the heads of two dumbbells; zero: a bar
  std::uint32_t seed = 1;
  int width_px = 1280;
  int height_px = 720;
  int fps_milli = 30000;
  double focal_of_side = 0.85;  // focal length as a part of the longer picture side
  bool from_right = true;       // from the side; from the front or rear it says which plate counts as near
  double distance_m = 3.7;
  double camera_height_m = 0.95;
  double yaw_deg = 0.0;
  double roll_deg = 0.0;        // of the camera, clockwise; the truth states the turn of the picture
  double begins_s = 0.0;        // of the set's own time; negative: films for so long before it
  double exposure_part = 0.35;  // of the time between two pictures
  PhoneTraits phone;
  std::string codec = "h264";   // h264, hevc, vp9, av1, mpeg4 or mjpeg; the container is the file name's
  int stored_rotation_deg = 0;  // the player turns the stored picture clockwise by this

  std::string preset;  // the one that was taken; empty: as drawn by the seed
  // One of kFilmPresets; what is planned of the lift stays.
  void take(std::string_view preset_name);
  LifterBuild& build();  // of whoever does the lift
  const LifterBuild& build() const;
  bool standsWide() const;  // a deadlift with wide feet: sumo
  Expected<void> validate() const;
};

// A plan drawn from a seed: build, camera, room, load, reps, now and then a planted fault.
FilmPlan planFromSeed(std::uint32_t seed, Lift lift = Lift::kSquat, View view = View::kSide);
std::unique_ptr<LiftMotion> motionOf(const FilmPlan& plan);  // the plan must be valid
// Where the camera stands, but for what a hand does to it.
PinholeCamera cameraOf(const FilmPlan& plan);
// When the film's pictures are taken.
std::vector<double> filmTimes(const FilmPlan& plan, double duration_s);

// Writes `film` and, beside it, NAME.truth.json. `progress` gets the part done; false stops.
Expected<void> makeFilm(const FilmPlan& plan, const std::filesystem::path& film,
                        const std::function<bool(double)>& progress = {});

std::filesystem::path truthPathFor(const std::filesystem::path& film);

}  // namespace mottix
