// Nonlinear least squares for a few dozen unknowns (Levenberg-Marquardt, slopes by differences).
//
// `residuals` are each divided by its standard deviation, so that the covariance of what is fitted follows
// from the slopes where it ends. Nothing when no finite answer is reached.
#pragma once

#include <functional>
#include <optional>

#include <Eigen/Core>

namespace mottix {

struct LeastSquaresFit {
  Eigen::VectorXd x;
  Eigen::MatrixXd covariance;
};
using Residuals = std::function<Eigen::VectorXd(const Eigen::VectorXd&)>;

std::optional<LeastSquaresFit> fitLeastSquares(const Eigen::VectorXd& start, const Residuals& residuals);

}  // namespace mottix
