#include "vision/body_points.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include <Eigen/Geometry>

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

// Between the square's own coordinates (pixel centres at .5) and the picture's.
class SquareFrame {
 public:
  explicit SquareFrame(const BodySquare& square)
      : middle_(square.middle_px),
        scale_(square.side_px / kReaderSide),
        turn_(Eigen::Rotation2Dd(square.turn_rad).toRotationMatrix()) {}

  Vec2 toPicture(const Vec2& p) const { return middle_ + scale_ * turn_ * (p - kMiddle); }
  Vec2 toSquare(const Vec2& p) const { return kMiddle + turn_.transpose() * (p - middle_) / scale_; }
  // The same for warpAffine, which counts pixel centres at whole numbers.
  cv::Matx23d wayToPicture() const {
    const Eigen::Matrix2d m = scale_ * turn_;
    const Vec2 origin = toPicture(Vec2::Constant(0.5)) - Vec2::Constant(0.5);
    return {m(0, 0), m(0, 1), origin.x(), m(1, 0), m(1, 1), origin.y()};
  }
  double scale() const { return scale_; }

 private:
  inline static const Vec2 kMiddle = Vec2::Constant(0.5 * kReaderSide);
  Vec2 middle_;
  double scale_;
  Eigen::Matrix2d turn_;
};

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

std::optional<Vec2> BodyMask::findEnd(const Vec2& from_px, const Vec2& way_px, double reach_px) const {
  if (sure.empty() || !from_px.allFinite() || !way_px.allFinite()) return std::nullopt;
  const SquareFrame frame(square);
  auto at = [&](double along_px) {
    const Vec2 p = frame.toSquare(from_px + along_px * way_px) - Vec2::Constant(0.5);
    const int x = static_cast<int>(std::floor(p.x())), y = static_cast<int>(std::floor(p.y()));
    if (x < 0 || y < 0 || x + 1 >= sure.cols || y + 1 >= sure.rows) return 0.0;
    const double u = p.x() - x, v = p.y() - y;
    return (1.0 - v) * ((1.0 - u) * sure.at<float>(y, x) + u * sure.at<float>(y, x + 1)) +
           v * ((1.0 - u) * sure.at<float>(y + 1, x) + u * sure.at<float>(y + 1, x + 1));
  };
  const double step_px = 0.5 * frame.scale();
  double before = at(0.0);
  if (before < 0.5) return std::nullopt;
  for (double along = step_px; along <= reach_px; along += step_px) {
    const double here = at(along);
    if (here < 0.5) return from_px + (along - step_px * (0.5 - here) / (before - here)) * way_px;
    before = here;
  }
  return std::nullopt;
}

BodyPoints BodyPointNetwork::readPoints(const cv::Mat& bgr, const BodySquare& square, BodyMask* mask) {
  const SquareFrame frame(square);
  cv::Mat crop;
  cv::warpAffine(bgr, crop, frame.wayToPicture(), {kReaderSide, kReaderSide},
                 cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_CONSTANT);
  impl_->reader.setInput(cv::dnn::blobFromImage(crop, 1.0 / 255.0, {}, {}, true));
  std::vector<cv::Mat> out;
  std::vector<cv::String> wanted = {"points", "presence", "heatmap"};
  if (mask != nullptr) wanted.emplace_back("mask");
  impl_->reader.forward(out, wanted);
  if (mask != nullptr) {
    mask->square = square;
    mask->sure.create(kReaderSide, kReaderSide, CV_32F);
    const float* said = out[3].ptr<float>();
    std::transform(said, said + kReaderSide * kReaderSide, mask->sure.ptr<float>(),
                   [](float x) { return static_cast<float>(sigmoid(static_cast<double>(x))); });
  }
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
    body.points[i] = {frame.toPicture(p), sigmoid(n[4]), sigmoid(n[3])};
  }
  return body;
}

}  // namespace mottix
