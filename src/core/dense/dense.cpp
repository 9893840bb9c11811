#include "core/dense/dense.h"

#include <Eigen/Dense>

namespace bombo {

using Eigen::MatrixXcd;
using Eigen::MatrixXd;
using Eigen::VectorXcd;
using Eigen::VectorXd;

SymmetricAxes symmetricAxes(const MatrixXd& a) {
    const Eigen::SelfAdjointEigenSolver<MatrixXd> solver(a);
    return {solver.eigenvalues(), solver.eigenvectors()};
}

SymmetricAxes symmetricAxes(const MatrixXd& stiffness, const MatrixXd& mass) {
    const Eigen::GeneralizedSelfAdjointEigenSolver<MatrixXd> solver(stiffness, mass);
    return {solver.eigenvalues(), solver.eigenvectors()};
}

HermitianAxes hermitianAxes(const MatrixXcd& a) {
    const Eigen::SelfAdjointEigenSolver<MatrixXcd> solver(a);
    return {solver.eigenvalues(), solver.eigenvectors()};
}

ComplexAxes complexAxes(const MatrixXcd& a) {
    const Eigen::ComplexEigenSolver<MatrixXcd> solver(a);
    return {solver.eigenvalues(), solver.eigenvectors()};
}

VectorXcd complexEigenvalues(const MatrixXcd& a) {
    return Eigen::ComplexEigenSolver<MatrixXcd>(a, false).eigenvalues();
}

MatrixXcd solved(const MatrixXcd& a, const MatrixXcd& b) {
    return a.partialPivLu().solve(b);
}

MatrixXd solvedSymmetric(const MatrixXd& a, const MatrixXd& b) {
    return a.ldlt().solve(b);
}

MatrixXcd solvedSymmetric(const MatrixXcd& a, const MatrixXcd& b) {
    return a.ldlt().solve(b);
}

MatrixXd inverted(const MatrixXd& a) {
    return a.inverse();
}

MatrixXd pseudoInverted(const MatrixXd& a) {
    return a.completeOrthogonalDecomposition().pseudoInverse();
}

VectorXd leastSquares(const MatrixXd& a, const VectorXd& b) {
    return a.colPivHouseholderQr().solve(b);
}

VectorXcd leastSquares(const MatrixXcd& a, const VectorXcd& b) {
    return a.colPivHouseholderQr().solve(b);
}

} // namespace bombo
