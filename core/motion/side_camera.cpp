#include "core/motion/side_camera.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include <Eigen/Eigenvalues>
#include <Eigen/Geometry>

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;
using Vec3 = Eigen::Vector3d;

struct Axes {
  Vec3 x, y, z;  // body axes in camera coordinates (x right, y down, z forward), lifter facing right
};

Axes axesOf(const SideCamera& c) {
  Axes a;
  const Vec2 v = (c.vanishing_px - c.middle_px) / c.focal_px;
  a.z = -Vec3(v.x(), v.y(), 1.0).normalized();
  const Vec3 up(std::sin(c.roll_deg * kDeg), -std::cos(c.roll_deg * kDeg), 0.0);
  a.y = (up - up.dot(a.z) * a.z).normalized();
  a.x = a.y.cross(a.z);
  return a;
}

Vec3 rayOf(const SideCamera& c, const Vec2& p_px) {
  const Vec2 q = (p_px - c.middle_px) / c.focal_px;
  return {q.x(), q.y(), 1.0};
}

// From the lifter's mid-plane, along the bar.
double distanceOf(const SideCamera& c, const Axes& a) {
  const double depth_m = c.focal_px * c.plate_radius_m / c.plate_radius_px;
  return c.plate_lateral_m - depth_m * rayOf(c, c.plate_px).dot(a.z);
}

}  // namespace

Estimate focalPrior(int width_px, int height_px) {
  const double side = std::max(width_px, height_px);
  return {0.86 * side, 0.09 * side};
}

Estimate plateLateralPrior(std::optional<double> load_kg) {
  if (!load_kg) return {0.75, 0.05};
  constexpr Estimate kCollar{0.670, 0.009}, kPlate_m{0.045, 0.018};
  constexpr double kBar_kg = 20.0, kPlate_kg = 20.0, kSleeveHolds = 6.0;
  const double plates = std::clamp(std::floor(0.5 * (*load_kg - kBar_kg) / kPlate_kg), 1.0, kSleeveHolds);
  return {kCollar.value + plates * kPlate_m.value, std::hypot(kCollar.sd, plates * kPlate_m.sd)};
}

Estimate followedLateralPrior(const LoadedBar& bar) {
  constexpr Estimate kHeadOutsideWrist{0.12, 0.03};
  const Estimate wrist = lateralPrior(Joint::kWrist);
  switch (bar.held) {
    case Held::kPlates:
      return plateLateralPrior(bar.load_kg);
    case Held::kEmptyBar:
      return kSleeveEndLateral;
    case Held::kDumbbells:
      return {wrist.value + kHeadOutsideWrist.value, std::hypot(wrist.sd, kHeadOutsideWrist.sd)};
  }
  return {};
}

std::string_view nameOf(Held held) {
  switch (held) {
    case Held::kPlates:
      return "plates";
    case Held::kEmptyBar:
      return "empty_bar";
    case Held::kDumbbells:
      return "dumbbells";
  }
  return "";
}

std::optional<Held> heldNamed(std::string_view name) {
  for (Held h : {Held::kPlates, Held::kEmptyBar, Held::kDumbbells})
    if (nameOf(h) == name) return h;
  return std::nullopt;
}

Stance usualStance(Lift lift, bool wide) {
  return lift == Lift::kSquat   ? Stance::kShoulderWide
         : lift == Lift::kBench ? Stance::kBesideBench
         : wide                 ? Stance::kWide
                                : Stance::kUnderHips;
}

namespace {

struct StanceFacts {
  Estimate heel_m, toe_m, knee_m;
  double toes_out_deg;
};
const StanceFacts& factsOf(Stance stance) {
  static constexpr std::array<StanceFacts, 4> kFacts = {
      StanceFacts{{0.18, 0.04}, {0.23, 0.05}, {0.21, 0.04}, 30.0},
      StanceFacts{{0.14, 0.03}, {0.20, 0.04}, {0.17, 0.04}, 20.0},
      StanceFacts{{0.36, 0.06}, {0.47, 0.06}, {0.38, 0.06}, 42.0},
      StanceFacts{{0.26, 0.06}, {0.34, 0.07}, {0.33, 0.07}, 20.0}};
  return kFacts[static_cast<std::size_t>(stance)];
}

}  // namespace

Estimate lateralPrior(Joint joint, Stance stance) {
  switch (joint) {
    case Joint::kHip:
      return {0.09, 0.02};
    case Joint::kKnee:
      return factsOf(stance).knee_m;
    case Joint::kAnkle:
    case Joint::kHeel:
      return factsOf(stance).heel_m;
    case Joint::kToe:
      return factsOf(stance).toe_m;
    case Joint::kShoulder:
      return {0.18, 0.03};
    case Joint::kElbow:
      return {0.25, 0.08};
    case Joint::kWrist:
      return {0.35, 0.10};
    case Joint::kEar:
      return {0.07, 0.02};
    case Joint::kPelvis:
    case Joint::kMidBack:
      return {0.0, 0.02};
    default:  // only filmed across, where the depth is not looked for
      return {0.0, 0.1};
  }
}

double SideCamera::distance_m() const {
  return distanceOf(*this, axesOf(*this));
}

KneeOnLeg kneeOnLeg(const Vec2& ankle_m, const Vec2& knee_m, const Vec2& hip_m) {
  const Vec2 leg = hip_m - ankle_m;
  const double share = std::clamp(leg.dot(knee_m - ankle_m) / std::max(1e-6, leg.squaredNorm()), 0.0, 1.0);
  return {share, std::max(0.0, knee_m.x() - (ankle_m + share * leg).x())};
}

Estimate toesOut(Stance stance) {
  constexpr double kSd_deg = 8.0;
  static const auto all = [] {
    std::array<Estimate, 4> out;
    for (std::size_t k = 0; k < out.size(); ++k) {
      const double out_deg = factsOf(static_cast<Stance>(k)).toes_out_deg, usual = std::tan(out_deg * kDeg);
      out[k] = {usual, std::tan((out_deg + kSd_deg) * kDeg) - usual};
    }
    return out;
  }();
  return all[static_cast<std::size_t>(stance)];
}

Estimate kneeLateral(const Vec2& ankle_m, const Vec2& knee_m, const Vec2& hip_m, Stance stance) {
  const KneeOnLeg k = kneeOnLeg(ankle_m, knee_m, hip_m);
  const double ankle = lateralPrior(Joint::kAnkle, stance).value, hip = lateralPrior(Joint::kHip).value;
  const Estimate out = toesOut(stance);
  return {ankle + k.share * (hip - ankle) + out.value * k.ahead_m,
          std::sqrt(kKneeHingePlay_m * kKneeHingePlay_m + std::pow(out.sd * k.ahead_m, 2))};
}

Vec2 SideCamera::toBody(const Vec2& p_px, double lateral_m) const {
  return BodySight(*this).toBody(p_px, lateral_m);
}

BodySight::BodySight(const SideCamera& camera)
    : middle_px_(camera.middle_px), focal_px_(camera.focal_px), plate_lateral_m_(camera.plate_lateral_m) {
  const Axes a = axesOf(camera);
  x_ = camera.faces_left ? Vec3(-a.x) : a.x;
  y_ = a.y;
  z_ = a.z;
  distance_m_ = distanceOf(camera, a);
}

Vec2 BodySight::toBody(const Vec2& p_px, double lateral_m) const {
  const Vec2 q = (p_px - middle_px_) / focal_px_;
  const Vec3 ray(q.x(), q.y(), 1.0);
  const Vec3 p = ray * (-(distance_m_ - lateral_m) / ray.dot(z_));
  return {p.dot(x_), p.dot(y_)};
}

Vec2 SideCamera::toPicture(const Vec2& body_m, double lateral_m) const {
  const Axes a = axesOf(*this);
  const Vec3 p =
      (faces_left ? -body_m.x() : body_m.x()) * a.x + body_m.y() * a.y - (distance_m() - lateral_m) * a.z;
  return middle_px + focal_px * Vec2(p.x(), p.y()) / p.z();
}

Vec2 SideCamera::upAt(const Vec2& p_px) const {
  const Vec3 up = axesOf(*this).y;
  const Vec2 ray = (p_px - middle_px) / focal_px;
  return {up.x() - ray.x() * up.z(), up.y() - ray.y() * up.z()};
}

double SideCamera::yaw_deg() const {
  return std::atan2(vanishing_px.x() - middle_px.x(), focal_px) / kDeg;
}
double SideCamera::pitch_deg() const {
  return std::atan2(vanishing_px.y() - middle_px.y(), focal_px) / kDeg;
}

double SideCamera::mmPerPx(double lateral_m) const {
  const Vec3 ray = rayOf(*this, plate_px);
  const double depth_m = -(distance_m() - lateral_m) / ray.dot(axesOf(*this).z);
  return 1000.0 * depth_m / focal_px;
}

double SideCamera::shrinkAt(double lateral_m) const {
  const double depth_m = focal_px * plate_radius_m / plate_radius_px;
  const double deeper_m = -(plate_lateral_m - lateral_m) * axesOf(*this).z.z();
  return deeper_m / (depth_m + deeper_m);
}

namespace {

using CameraDirections = Eigen::Matrix<double, kSideCameraErrorCount, kSideCameraErrorCount>;

CameraDirections directionsOf(const SideCameraErrors& e) {
  if (e.directions) return *e.directions;
  CameraStep sd;
  sd << e.focal_px, e.vanishing_px.x(), e.vanishing_px.y(), e.roll_deg, e.plate_radius_rel, e.plate_lateral_m;
  return sd.asDiagonal();
}

}  // namespace

SideCamera shrunk(SideCamera camera, double by) {
  camera.focal_px *= by;
  camera.middle_px *= by;
  camera.vanishing_px *= by;
  camera.plate_radius_px *= by;
  camera.plate_px *= by;
  return camera;
}

SideCamera moved(const SideCamera& camera, const CameraStep& step) {
  SideCamera c = camera;
  c.focal_px += step[0];
  c.vanishing_px += step.segment<2>(1);
  c.roll_deg += step[3];
  c.plate_radius_px *= 1.0 + step[4];
  c.plate_lateral_m += step[5];
  return c;
}

SideCamera withError(const SideCamera& camera, const SideCameraErrors& errors, int k, double sigma) {
  return moved(camera, sigma * directionsOf(errors).col(k));
}

void updateCamera(SideCamera& camera, SideCameraErrors& errors, const CameraStep& slope,
                  const Estimate& found) {
  const CameraDirections directions = directionsOf(errors);
  const CameraDirections prior = directions * directions.transpose();
  const double variance = slope.dot(prior * slope) + found.sd * found.sd;
  if (!(variance > 0.0)) return;
  const CameraStep gain = prior * slope / variance;
  camera = moved(camera, -found.value * gain);
  const CameraDirections posterior = prior - gain * gain.transpose() * variance;
  // The values differ in size by powers of ten: the root is taken of the correlations.
  const CameraStep scale = posterior.diagonal().cwiseMax(1e-18).cwiseSqrt();
  const CameraDirections correlation =
      scale.cwiseInverse().asDiagonal() * posterior * scale.cwiseInverse().asDiagonal();
  const Eigen::SelfAdjointEigenSolver<CameraDirections> root(correlation);
  errors.directions =
      scale.asDiagonal() * root.eigenvectors() * root.eigenvalues().cwiseMax(0.0).cwiseSqrt().asDiagonal();
  errors.vanishing_px = scale.segment<2>(1);
  errors.roll_deg = scale[3];
}

void observeCamera(SideCamera& camera, SideCameraErrors& errors,
                   const std::function<double(const SideCamera&)>& residual, double sd) {
  const CameraDirections directions = directionsOf(errors);
  const CameraDirections prior = directions * directions.transpose();
  const CameraStep sds = prior.diagonal().cwiseMax(1e-18).cwiseSqrt();
  CameraStep step = CameraStep::Zero(), slope = CameraStep::Zero();
  Estimate found;
  for (int round = 0; round < 5; ++round) {
    for (int k = 0; k < kSideCameraErrorCount; ++k) {
      CameraStep more = step, less = step;
      more[k] += 0.1 * sds[k];
      less[k] -= 0.1 * sds[k];
      slope[k] = (residual(moved(camera, more)) - residual(moved(camera, less))) / (0.2 * sds[k]);
    }
    found = {residual(moved(camera, step)) - slope.dot(step), sd};
    step = -found.value * (prior * slope) / (slope.dot(prior * slope) + sd * sd);
  }
  updateCamera(camera, errors, slope, found);
}

Estimate estimateFrom(const SideCamera& camera, const SideCameraErrors& errors,
                      const std::function<double(const SideCamera&)>& value) {
  double variance = 0.0;
  for (int k = 0; k < kSideCameraErrorCount; ++k) {
    const double d =
        0.5 * (value(withError(camera, errors, k, 1.0)) - value(withError(camera, errors, k, -1.0)));
    variance += d * d;
  }
  return {value(camera), std::sqrt(variance)};
}

Estimate estimateScale(const SideCamera& camera, const SideCameraErrors& errors, double lateral_m) {
  // At the plate itself only the radius matters; deeper planes also feel the distance.
  const bool at_plate = lateral_m == camera.plate_lateral_m;
  return estimateFrom(camera, errors, [&](const SideCamera& c) {
    return c.mmPerPx(at_plate ? c.plate_lateral_m : lateral_m);
  });
}

}  // namespace mottix
