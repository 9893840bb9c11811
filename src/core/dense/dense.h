#pragma once
/// Dense linear algebra. Eigen's decompositions are templates that cost minutes of compiling wherever they
/// are asked for: here they are built once.
#include <Eigen/Core>

namespace bombo {

/// A = V diag(values) V', with values ascending and V orthonormal.
struct SymmetricAxes {
    Eigen::VectorXd values;
    Eigen::MatrixXd vectors; ///< columns
};
/// Likewise of a Hermitian matrix.
struct HermitianAxes {
    Eigen::VectorXd values;
    Eigen::MatrixXcd vectors;
};
/// A V = V diag(values), in no order, columns of length 1.
struct ComplexAxes {
    Eigen::VectorXcd values;
    Eigen::MatrixXcd vectors;
};

/// Only the lower half of a is read.
SymmetricAxes symmetricAxes(const Eigen::MatrixXd& a);
/// K v = value M v, with V' M V = 1. @pre mass positive definite
SymmetricAxes symmetricAxes(const Eigen::MatrixXd& stiffness, const Eigen::MatrixXd& mass);
/// Only the lower half of a is read.
HermitianAxes hermitianAxes(const Eigen::MatrixXcd& a);
ComplexAxes complexAxes(const Eigen::MatrixXcd& a);
Eigen::VectorXcd complexEigenvalues(const Eigen::MatrixXcd& a);

/// X of A X = B, by LU with exchanges of rows. @pre a square and not singular
Eigen::MatrixXcd solved(const Eigen::MatrixXcd& a, const Eigen::MatrixXcd& b);
/// X of A X = B by L D L'; only the lower half of a is read. @pre a symmetric (Hermitian) and semidefinite
Eigen::MatrixXd solvedSymmetric(const Eigen::MatrixXd& a, const Eigen::MatrixXd& b);
Eigen::MatrixXcd solvedSymmetric(const Eigen::MatrixXcd& a, const Eigen::MatrixXcd& b);
/// @pre a square and not singular
Eigen::MatrixXd inverted(const Eigen::MatrixXd& a);
/// As near to the inverse as a's rank allows (Moore and Penrose).
Eigen::MatrixXd pseudoInverted(const Eigen::MatrixXd& a);
/// x that makes |A x - b| least, by QR with exchanges of columns.
Eigen::VectorXd leastSquares(const Eigen::MatrixXd& a, const Eigen::VectorXd& b);
Eigen::VectorXcd leastSquares(const Eigen::MatrixXcd& a, const Eigen::VectorXcd& b);

} // namespace bombo
