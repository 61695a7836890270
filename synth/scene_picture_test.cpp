// The picture must show what the truth says: where the plate is, in front of what, at which moment.
#include "synth/scene_picture.h"

#include <cmath>

#include <gtest/gtest.h>
#include <opencv2/core.hpp>

#include "synth/squat_motion.h"

namespace mottix {
namespace {

struct Shot {
  PinholeCamera camera;
  PlateStack plates = platesFor(60.0, 0);
  SquatMotion motion{SquatPlan{}};
  RoomLook look;
  bool right = true;

  explicit Shot(bool from_right = true) : right(from_right) {
    camera = PinholeCamera::around(right ? -3.0 : 183.0, Vec3(0.0, 0.8, 0.0), 3.6, 1.0, 0.0);
    camera.width_px = 480;
    camera.height_px = 270;
    camera.focal_px = 420.0;
  }
  cv::Mat at(double time_s, double exposure_s = 0.0) {
    ScenePicture scene(camera, plates, look, motion.plan().build);
    cv::Mat bgr;
    scene.render([&](double t) { return motion.at(t); }, time_s, exposure_s, bgr);
    return bgr;
  }
  Vec3 face(double time_s) const {
    const Vec3 bar = motion.at(time_s).bar;
    return {bar.x(), bar.y(), (right ? 1.0 : -1.0) * plates.outerFaceOfFullSize_m()};
  }
};

// Part of the circle round `centre` on which two pictures differ.
double changedOnCircle(const cv::Mat& a, const cv::Mat& b, const Vec2& centre, double radius) {
  int changed = 0;
  for (int i = 0; i < 360; ++i) {
    const double phi = i * std::acos(-1.0) / 180.0;
    const cv::Point p(static_cast<int>(centre.x() + radius * std::cos(phi)),
                      static_cast<int>(centre.y() + radius * std::sin(phi)));
    changed += cv::norm(a.at<cv::Vec3b>(p), b.at<cv::Vec3b>(p)) >= 12.0 ? 1 : 0;
  }
  return changed / 360.0;
}

TEST(ScenePicture, ThePlateIsWhereTheCameraSaysFromBothSides) {
  for (bool right : {true, false}) {
    Shot shot(right), changed(right);
    // The same picture with a plate of another colour: only the plate differs.
    changed.plates.plates[0].bgr = {20, 20, 200};
    const Vec2 centre = shot.camera.toPicture(shot.face(0.0));
    const double radius = shot.camera.focal_px * 0.225 / shot.camera.toCamera(shot.face(0.0)).z();
    const cv::Mat before = shot.at(0.0), after = changed.at(0.0);
    EXPECT_GT(changedOnCircle(before, after, centre, 0.6 * radius), 0.97) << right;
    EXPECT_GT(changedOnCircle(before, after, centre, 0.95 * radius), 0.97) << right;
    // Beyond the rim there is only a piece of the far plate.
    EXPECT_LT(changedOnCircle(before, after, centre, 1.07 * radius), 0.4) << right;
  }
}

TEST(ScenePicture, TheSamePoseGivesTheSamePictureAndAnotherPoseAnother) {
  Shot shot;
  EXPECT_EQ(cv::norm(shot.at(0.2), shot.at(0.2), cv::NORM_INF), 0.0);
  EXPECT_GT(cv::norm(shot.at(0.2), shot.at(2.5), cv::NORM_INF), 60.0);
}

TEST(ScenePicture, NothingOfAnEarlierFrameStaysInTheNext) {
  Shot shot;
  ScenePicture scene(shot.camera, shot.plates, shot.look, shot.motion.plan().build);
  auto pose = [&](double t) { return shot.motion.at(t); };
  cv::Mat first, low, again;
  scene.render(pose, 0.1, 0.0, first);
  scene.render(pose, 2.9, 0.0, low);
  scene.render(pose, 0.1, 0.0, again);
  EXPECT_EQ(cv::norm(first, again, cv::NORM_INF), 0.0);
}

TEST(ScenePicture, ALongExposureBlursWhatMovesAndNothingElse) {
  Shot shot;
  const double moving = shot.motion.events()[0].start_s + 0.8;
  const cv::Mat sharp = shot.at(moving, 0.0), blurred = shot.at(moving, 0.06);
  EXPECT_GT(cv::norm(sharp, blurred, cv::NORM_INF), 20.0);
  // The wall's upper corner stands still.
  const cv::Rect corner(0, 0, 60, 40);
  EXPECT_EQ(cv::norm(sharp(corner), blurred(corner), cv::NORM_INF), 0.0);
}

TEST(ScenePicture, APasserByHidesThePlateWhenHeIsInFrontOfIt) {
  Shot plain, crossed;
  crossed.look.someone_passes = true;
  crossed.look.passes_at_s = 0.5;
  const Vec2 centre = plain.camera.toPicture(plain.face(0.5));
  const auto x = static_cast<int>(centre.x()), y = static_cast<int>(centre.y());
  EXPECT_NE(plain.at(0.5).at<cv::Vec3b>(y, x), crossed.at(0.5).at<cv::Vec3b>(y, x));
  EXPECT_EQ(cv::norm(plain.at(6.0), crossed.at(6.0), cv::NORM_INF), 0.0) << "long after he has gone";
}

TEST(PlatesFor, EveryLoadIsLoadedFromLargeToSmall) {
  for (double load = 40.0; load <= 300.0; load += 2.5) {
    const PlateStack stack = platesFor(load, 1);
    ASSERT_FALSE(stack.plates.empty()) << load;
    EXPECT_GE(stack.plates.front().diameter_m, 0.449) << load;
    for (std::size_t i = 1; i < stack.plates.size(); ++i)
      EXPECT_LE(stack.plates[i].diameter_m, stack.plates[i - 1].diameter_m) << load;
    EXPECT_LT(stack.outerFaceOfFullSize_m(), 1.1) << "on the sleeve";
  }
}

TEST(Plans, RefuseNonsenseByName) {
  auto wrong = [](auto change) {
    SquatPlan plan;
    change(plan);
    const auto ok = plan.validate();
    return ok ? std::string() : ok.error().text;
  };
  EXPECT_TRUE(SquatPlan{}.validate());
  EXPECT_NE(wrong([](SquatPlan& p) { p.build.height_m = 4.0; }).find("height_m"), std::string::npos);
  EXPECT_NE(wrong([](SquatPlan& p) { p.build.girth = 0.1; }).find("girth"), std::string::npos);
  EXPECT_NE(wrong([](SquatPlan& p) { p.lean_deg = 89.0; }).find("lean_deg"), std::string::npos);
  EXPECT_NE(wrong([](SquatPlan& p) { p.reps[0].depth_m = 0.5; }).find("depth_m"), std::string::npos);
  EXPECT_NE(wrong([](SquatPlan& p) { p.reps[0].ascent_s = 0.01; }).find("ascent_s"), std::string::npos);
  EXPECT_NE(wrong([](SquatPlan& p) { p.still_before_s = -1.0; }).find("pauses"), std::string::npos);
}

}  // namespace
}  // namespace mottix
