"""The equations of equations.php by SciPy's BDF with their own sparse Jacobian, beside the core: times at equal accuracy.

Accuracy is that of the peak and of the first gel against Radau at a tolerance of 1e-8. Needs python3-scipy (Debian).
"""
import json
import sys
import time

import numpy as np
import scipy.sparse as sp
from scipy.integrate import solve_ivp

GEL = 1 / np.sqrt(3)
THETA = 52.9e3 / 8.314462618


def measure(solved, cells, count):
    """Peak, degrees Celsius, and first gel, s, from the steps that were taken."""
    first = []
    for cured in solved.y[count:]:
        j = int(np.argmax(cured >= GEL))
        if cured[j] >= GEL:
            share = (GEL - cured[j - 1]) / (cured[j] - cured[j - 1])
            first.append(solved.t[j - 1] + share * (solved.t[j] - solved.t[j - 1]))
    return solved.y[cells].max() - 273.15, min(first)


def solve(case, method, tolerance, runs):
    """Least time of so many runs, ms; peak; first gel."""
    capacity, cells = np.array(case['capacity']), np.array(case['cells'])
    count, many = len(capacity), len(cells)
    flow = sp.csr_matrix(np.array(case['columns']).T / capacity[:, None])
    room = np.array(case['away']) * case['room'] / capacity
    warms, each = np.array(case['heat']) / capacity[cells], np.arange(many)

    def terms(state):
        kelvin, cured = np.maximum(state[:count][cells], 200), np.clip(state[count:], 0, 1)
        return kelvin, cured, case['k'] * np.exp(THETA * (1 / 298.15 - 1 / kelvin)), 1 - cured

    def slope(_, state):
        _, cured, rate, left = terms(state)
        gain = rate * (0.08 + cured) * left**1.3
        warming = flow @ state[:count] + room
        warming[cells] += warms * gain
        return np.concatenate([warming, gain])

    def jacobian(_, state):
        kelvin, cured, rate, left = terms(state)
        by_heat = rate * (0.08 + cured) * left**1.3 * THETA / kelvin**2
        by_cure = rate * (left**1.3 - 1.3 * (0.08 + cured) * np.where(left > 0, left, 1) ** 0.3)
        return sp.bmat([
            [flow + sp.csr_matrix((warms * by_heat, (cells, cells)), (count, count)), sp.csr_matrix((warms * by_cure, (cells, each)), (count, many))],
            [sp.csr_matrix((by_heat, (each, cells)), (many, count)), sp.diags(by_cure)],
        ], format='csc')

    start = np.concatenate([np.full(count, case['room']), np.zeros(many)])
    # A kelvin weighs as much as a hundredth of the cure.
    absolute = np.concatenate([np.full(count, 100 * tolerance), np.full(many, tolerance)])
    least = np.inf
    for _ in range(runs):
        begun = time.perf_counter()
        solved = solve_ivp(slope, (0, case['end']), start, method=method, jac=jacobian, rtol=tolerance / 10, atol=absolute)
        least = min(least, 1e3 * (time.perf_counter() - begun))
    return (least, *measure(solved, cells, count))


for name, case in json.load(sys.stdin).items():
    _, peak, first = solve(case, 'Radau', 1e-8, 1)
    core = case['core']
    miss = abs(core['first'] / first - 1)
    print(f"{name:8} core {core['ms']:6.1f} ms: peak {peak:6.2f} {core['peak'] - peak:+5.2f} K, first gel {100 * (core['first'] / first - 1):+5.2f} %")
    for tolerance in (1e-2, 3e-3, 1e-3, 3e-4, 1e-4, 3e-5, 1e-5):
        took, hot, gelled = solve(case, 'BDF', tolerance, 12)
        print(f"         BDF  {took:6.1f} ms: {took / core['ms']:4.1f} ×      {hot - peak:+5.2f} K            {100 * (gelled / first - 1):+5.2f} %")
        if abs(gelled / first - 1) <= miss and abs(hot - peak) <= max(0.02, abs(core['peak'] - peak)):
            break
