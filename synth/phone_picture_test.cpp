#include "synth/phone_picture.h"

#include <gtest/gtest.h>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

constexpr int kWidth = 320, kHeight = 180;
constexpr double kFocal = 270.0;

// Middle of what is bright.
Vec2 brightIn(const cv::Mat& bgr) {
  cv::Mat gray;
  cv::cvtColor(bgr, gray, cv::COLOR_BGR2GRAY);
  const cv::Moments m = cv::moments(gray);
  return {m.m10 / m.m00 + 0.5, m.m01 / m.m00 + 0.5};
}

TEST(PhonePicture, APointIsSeenWhereTheTruthSays) {
  for (const auto& [k1, shake] : {std::pair{-0.1, 0.0}, {0.1, 0.0}, {0.0, 4.0}, {-0.1, 4.0}}) {
    PhoneTraits traits;
    traits.noise_grey = 0.0;
    traits.lens_k1 = k1;
    traits.shake_px = shake;
    const PhonePicture phone(traits, 5, kWidth, kHeight, kFocal);
    for (const Vec2& ideal : {Vec2(160.0, 90.0), Vec2(40.0, 30.0), Vec2(290.0, 150.0)}) {
      cv::Mat picture(kHeight + 2 * phone.margin().height, kWidth + 2 * phone.margin().width, CV_8UC3,
                      cv::Scalar::all(0));
      const cv::Point2d at(ideal.x() + phone.margin().width, ideal.y() + phone.margin().height);
      constexpr int kFine = 4;
      cv::circle(picture,
                 cv::Point(static_cast<int>((at.x - 0.5) * (1 << kFine)),
                           static_cast<int>((at.y - 0.5) * (1 << kFine))),
                 5 << kFine, cv::Scalar::all(250), cv::FILLED, cv::LINE_AA, kFine);
      cv::Mat seen;
      phone.take(picture, 1.3, 1.0 / 30.0, seen);
      ASSERT_EQ(seen.size(), cv::Size(kWidth, kHeight));
      EXPECT_LT((brightIn(seen) - phone.seenAt(ideal, 1.3)).norm(), 0.15) << k1 << ' ' << shake;
    }
  }
}

TEST(PhonePicture, ALensThatBendsOutwardLeavesNoEmptyCorner) {
  PhoneTraits traits;
  traits.lens_k1 = -0.15;
  const PhonePicture phone(traits, 5, kWidth, kHeight, kFocal);
  EXPECT_GT(phone.margin().width, 4);
  // A corner of the ideal picture is seen well inside; the picture's own corner shows what lies farther out.
  EXPECT_GT(phone.seenAt(Vec2(0, 0), 0.0).x(), 3.0);
  const Vec2 farthest(-phone.margin().width, -phone.margin().height);
  EXPECT_LT(phone.seenAt(farthest, 0.0).x(), 0.0);
  EXPECT_LT(phone.seenAt(farthest, 0.0).y(), 0.0);
}

TEST(PhonePicture, LampsFlickerByRowsAndNoiseIsAnotherEveryTime) {
  PhoneTraits traits;
  traits.flicker = 0.2;
  traits.noise_grey = 4.0;
  const PhonePicture phone(traits, 5, kWidth, kHeight, kFocal);
  const cv::Mat gray(kHeight, kWidth, CV_8UC3, cv::Scalar::all(100));
  cv::Mat first, second;
  phone.take(gray, 0.0, 1.0 / 30.0, first);
  phone.take(gray, 1.0 / 30.0, 1.0 / 30.0, second);
  double darkest = 0, brightest = 0;
  cv::minMaxLoc(first.reshape(1), &darkest, &brightest);
  EXPECT_NEAR(darkest, 80.0, 2.0);
  EXPECT_NEAR(brightest, 120.0, 2.0);
  EXPECT_GT(cv::norm(first, second, cv::NORM_INF), 10.0) << "the lamps are not in step with the pictures";
  cv::Mat a = gray.clone(), b = gray.clone(), deviation, mean;
  phone.addNoise(a, 0);
  phone.addNoise(b, 1);
  EXPECT_GT(cv::norm(a, b, cv::NORM_INF), 5.0);
  cv::meanStdDev(a, mean, deviation);
  EXPECT_NEAR(deviation.at<double>(0), 4.0, 0.3);
}

TEST(PhonePicture, UnevenPicturesComeInOrderAndSomeAreMissing) {
  PhoneTraits traits;
  EXPECT_EQ(pictureTimes(traits, 1, 300, 0.04).size(), 300u);
  EXPECT_DOUBLE_EQ(pictureTimes(traits, 1, 300, 0.04)[25], 1.0);
  traits.uneven = 0.8;
  const auto times = pictureTimes(traits, 1, 300, 0.04);
  EXPECT_LT(times.size(), 300u);
  EXPECT_GT(times.size(), 270u);
  double shortest = 1.0, longest = 0.0;
  for (std::size_t i = 1; i < times.size(); ++i) {
    shortest = std::min(shortest, times[i] - times[i - 1]);
    longest = std::max(longest, times[i] - times[i - 1]);
  }
  EXPECT_GT(shortest, 0.0);
  EXPECT_LT(shortest, 0.02);
  EXPECT_GT(longest, 0.06);
  traits.uneven = 2.0;
  EXPECT_FALSE(traits.validate());
}

}  // namespace
}  // namespace mottix
