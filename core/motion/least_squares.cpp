#include "core/motion/least_squares.h"

#include <Eigen/Cholesky>
#include <unsupported/Eigen/NonLinearOptimization>
#include <unsupported/Eigen/NumericalDiff>

namespace mottix {
namespace {

// The form that Eigen's solver asks for.
struct Problem {
  using Scalar = double;
  using InputType = Eigen::VectorXd;
  using ValueType = Eigen::VectorXd;
  using JacobianType = Eigen::MatrixXd;
  enum { InputsAtCompileTime = Eigen::Dynamic, ValuesAtCompileTime = Eigen::Dynamic };

  const Residuals& residuals;
  int unknowns, said;

  int inputs() const { return unknowns; }
  int values() const { return said; }
  int operator()(const Eigen::VectorXd& x, Eigen::VectorXd& out) const {
    out = residuals(x);
    return 0;
  }
};

}  // namespace

std::optional<LeastSquaresFit> fitLeastSquares(const Eigen::VectorXd& start, const Residuals& residuals) {
  constexpr int kMostLooks = 4000;
  const Problem problem{residuals, static_cast<int>(start.size()), static_cast<int>(residuals(start).size())};
  Eigen::NumericalDiff<Problem> numeric(problem);
  Eigen::LevenbergMarquardt<Eigen::NumericalDiff<Problem>> solver(numeric);
  solver.parameters.maxfev = kMostLooks;
  LeastSquaresFit out{start, {}};
  solver.minimize(out.x);
  Eigen::MatrixXd slope(problem.values(), problem.inputs());
  numeric.df(out.x, slope);
  const Eigen::MatrixXd information = slope.transpose() * slope;
  out.covariance = information.ldlt().solve(Eigen::MatrixXd::Identity(start.size(), start.size()));
  if (!out.x.allFinite() || !out.covariance.allFinite()) return std::nullopt;
  return out;
}

}  // namespace mottix
