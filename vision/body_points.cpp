#include "vision/body_points.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include <opencv2/dnn.hpp>
#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

constexpr int kReaderSide = 256, kHeatSide = 64, kPointNumbers = 5;
// Heat map cells round a point that are weighed, and the least sureness to be weighed at all.
constexpr int kHeatReach = 3;
constexpr double kLeastHeat = 0.5;

double sigmoid(double x) {
  return 1.0 / (1.0 + std::exp(-x));
}

}  // namespace

std::size_t bodyPointOf(Joint joint, BodySide side) {
  const std::size_t right = side == BodySide::kRight ? 1 : 0;
  switch (joint) {
    case Joint::kEar:
      return 7 + right;
    case Joint::kShoulder:
      return 11 + right;
    case Joint::kElbow:
      return 13 + right;
    case Joint::kWrist:
      return 15 + right;
    case Joint::kHip:
      return 23 + right;
    case Joint::kKnee:
      return 25 + right;
    case Joint::kAnkle:
      return 27 + right;
    case Joint::kHeel:
      return 29 + right;
    case Joint::kToe:
      return 31 + right;
    default:
      assert(false && "the network knows the sides' joints only");
      return 0;
  }
}

struct BodyPointNetwork::Impl {
  cv::dnn::Net reader;
};

BodyPointNetwork::BodyPointNetwork(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
BodyPointNetwork::BodyPointNetwork(BodyPointNetwork&&) noexcept = default;
BodyPointNetwork& BodyPointNetwork::operator=(BodyPointNetwork&&) noexcept = default;
BodyPointNetwork::~BodyPointNetwork() = default;

BodySquare squareRound(const Vec2& hip_px, const Vec2& shoulder_px, double height_px) {
  constexpr double kSideOfHeight = 1.33;  // hips at 0.53 of the height
  const Vec2 up = shoulder_px - hip_px;
  return {hip_px, kSideOfHeight * height_px, std::atan2(up.x(), -up.y())};
}

Vec2 putHipBack(const Vec2& read_px, bool faces_left, double height_px) {
  // Part of the height, read off squats and deadlifts 301-306 of the simulated camera.
  constexpr double kReadAhead = 0.015;
  return read_px + Vec2((faces_left ? 1.0 : -1.0) * kReadAhead * height_px, 0.0);
}

std::filesystem::path modelsFolder(const std::filesystem::path& program_folder) {
  std::error_code error;
  const auto beside = program_folder / ".." / "models";
  return std::filesystem::exists(beside, error) ? beside
                                                : program_folder / ".." / "share" / "mottix" / "models";
}

Expected<BodyPointNetwork> BodyPointNetwork::load(const std::filesystem::path& folder) {
  const auto file = folder / "body_points.onnx";
  auto broken = [&](const std::string& why) {
    return fail(Remedy::kMarkByHand, "The joints cannot be found by themselves: “" + file.string() + "” " +
                                         why + ". Place them by hand, or install the program again.");
  };
  std::error_code error;
  if (!std::filesystem::exists(file, error)) return broken("is missing");
  auto impl = std::make_unique<Impl>();
  try {
    impl->reader = cv::dnn::readNetFromONNX(file.string());
    impl->reader.setPreferableBackend(cv::dnn::DNN_BACKEND_OPENCV);
    impl->reader.setPreferableTarget(cv::dnn::DNN_TARGET_CPU);
  } catch (const cv::Exception&) {
    return broken("is damaged");
  }
  return BodyPointNetwork(std::move(impl));
}

BodyPoints BodyPointNetwork::readPoints(const cv::Mat& bgr, const BodySquare& square) {
  // From the square's own coordinates (pixel centres at .5) to the picture's.
  const double k = square.side_px / kReaderSide, c = std::cos(square.turn_rad), s = std::sin(square.turn_rad);
  auto toPicture = [&](const Vec2& p) {
    const Vec2 d = k * (p - Vec2::Constant(0.5 * kReaderSide));
    return Vec2(square.middle_px + Vec2(c * d.x() - s * d.y(), s * d.x() + c * d.y()));
  };
  // warpAffine counts pixel centres at whole numbers.
  const Vec2 origin = toPicture(Vec2::Constant(0.5)) - Vec2::Constant(0.5);
  const cv::Matx23d way(k * c, -k * s, origin.x(), k * s, k * c, origin.y());
  cv::Mat crop;
  cv::warpAffine(bgr, crop, way, {kReaderSide, kReaderSide}, cv::INTER_LINEAR | cv::WARP_INVERSE_MAP,
                 cv::BORDER_CONSTANT);
  impl_->reader.setInput(cv::dnn::blobFromImage(crop, 1.0 / 255.0, {}, {}, true));
  std::vector<cv::Mat> out;
  impl_->reader.forward(out, std::vector<cv::String>{"points", "presence", "heatmap"});
  const auto* numbers = out[0].ptr<float>();
  const auto* heat = out[2].ptr<float>();

  BodyPoints body;
  body.presence = static_cast<double>(out[1].ptr<float>()[0]);
  for (std::size_t i = 0; i < kBodyPointCount; ++i) {
    const float* n = numbers + i * kPointNumbers;
    Vec2 p(n[0], n[1]);
    const double cell = static_cast<double>(kReaderSide) / kHeatSide;
    const int cx = static_cast<int>(p.x() / cell), cy = static_cast<int>(p.y() / cell);
    double sum = 0.0, most = 0.0;
    Vec2 weighed = Vec2::Zero();
    if (cx >= 0 && cx < kHeatSide && cy >= 0 && cy < kHeatSide)
      for (int y = std::max(0, cy - kHeatReach); y <= std::min(kHeatSide - 1, cy + kHeatReach); ++y)
        for (int x = std::max(0, cx - kHeatReach); x <= std::min(kHeatSide - 1, cx + kHeatReach); ++x) {
          const double w = sigmoid(heat[(static_cast<int>(i) * kHeatSide + y) * kHeatSide + x]);
          sum += w;
          most = std::max(most, w);
          weighed += w * cell * Vec2(x, y);
        }
    if (most >= kLeastHeat) p = weighed / sum;
    body.points[i] = {toPicture(p), sigmoid(n[4]), sigmoid(n[3])};
  }
  return body;
}

}  // namespace mottix
