/** Least squares with priors. Start at {@link grastel.core.fit.LeastSquares}. */
package grastel.core.fit;
