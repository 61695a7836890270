#include "core/motion/seen_body.h"

namespace mottix {

FoundJoints placeFound(std::size_t frame, const LeastSquaresFit& fit,
                       const std::function<Vec2(const Eigen::VectorXd&, Joint)>& picture) {
  constexpr double kStep_m = 1e-4;
  FoundJoints out;
  out.points.frame = frame;
  Eigen::MatrixXd slopes = Eigen::MatrixXd::Zero(2 * kJointCount, fit.x.size());
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder}) {
    const Vec2 p = picture(fit.x, j);
    for (Eigen::Index k = 0; k < fit.x.size(); ++k) {
      Eigen::VectorXd moved = fit.x;
      moved[k] += kStep_m;
      slopes.block<2, 1>(2 * static_cast<Eigen::Index>(indexOf(j)), k) = (picture(moved, j) - p) / kStep_m;
    }
    out.points.joints[indexOf(j)] = p;
  }
  out.spread.covariance_px2 = slopes * fit.covariance * slopes.transpose();
  return out;
}

}  // namespace mottix
