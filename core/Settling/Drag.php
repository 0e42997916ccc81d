<?php

declare(strict_types=1);

namespace Pensilis\Settling;

use Pensilis\Geometry\Solid;
use Pensilis\Numerics\Quadrature;

/**
 * How fast a body sinks or rises in a liquid between walls.
 *
 * Creeping flow past an ellipsoid that moves along its half axis c [1, 2]:
 *     F = 16πμU / (χ + c²γ),  χ = ∫ dλ/Δ,  γ = ∫ dλ/((c² + λ)Δ),  Δ = √((a² + λ)(b² + λ)(c² + λ)),  λ from 0 to ∞;
 * a sphere gives 6πμaU, a disc 16μaU broadside and (32/3)μaU edgewise. Other bodies count as the ellipsoid of their extents
 * and volume, thin ones as that of their extents. Walls hold it back as they do a sphere on the axis of a tube [3]; beyond a
 * Reynolds number of 0.1 the drag grows by 1 + 0.15 Re^0.687 [4]. Metres, kg/m³, Pa·s.
 *
 * [1] A. Oberbeck, J. reine angew. Math. 81 (1876) 62.  [2] J. Happel, H. Brenner, Low Reynolds Number Hydrodynamics, 1973, chapter 5.
 * [3] H. Faxén 1922 as continued by T. Bohlin, Trans. R. Inst. Technol. Stockholm 155 (1960).
 * [4] L. Schiller, A. Naumann, Z. VDI 77 (1933) 318.
 */
final readonly class Drag
{
    public const GRAVITY = 9.80665;

    /** Below that share of its width a body is thin: its edge adds nothing to what its face meets. */
    private const THIN = 0.1;

    /** Of the tube; a sphere wider than that hardly moves, and the series ends. */
    private const WIDEST = 0.9;

    /** Creeping flow up to here. */
    private const CREEPING = 0.1;

    private const ROUNDS = 60;

    /** @param float $resistance F/(μU), m */
    private function __construct(private float $resistance, private float $across, private float $volume, private float $held) {}

    /** @param float $tube what it moves in, m across */
    public static function of(Solid $solid, float $tube): self
    {
        $foot = $solid->footprint();
        [$a, $b, $c, $volume] = [$foot->halfX, $foot->halfY, 0.5 * $solid->height(), $solid->volumeBelow($solid->height())];
        $isThin = $c < self::THIN * min($a, $b);
        $scale = $isThin ? 1.0 : ($volume / (4.0 / 3.0 * M_PI * $a * $b * $c)) ** (1.0 / 3.0);
        $across = 2.0 * (3.0 * $volume / (4.0 * M_PI)) ** (1.0 / 3.0);

        return new self(
            self::ellipsoid($scale * $a, $scale * $b, $scale * $c),
            $isThin ? 2.0 * sqrt($a * $b) : $across,
            $volume,
            self::wall(2.0 * max($a, $b) / max($tube, 1e-9)),
        );
    }

    /** F/(μU) of an ellipsoid that moves along its half axis c, m */
    public static function ellipsoid(float $a, float $b, float $c): float
    {
        $size = ($a + $b + $c) / 3.0;
        // λ = (size · t/(1 − t))², so that both ends are plain.
        $sum = function (float $t) use ($a, $b, $c, $size): float {
            $t = min(max($t, 1e-6), 1.0 - 1e-6);
            $u = $size * $t / (1.0 - $t);
            $root = sqrt(($a * $a + $u * $u) * ($b * $b + $u * $u) * ($c * $c + $u * $u));

            return 2.0 * $u * $size / (1.0 - $t) ** 2 / $root * (1.0 + $c * $c / ($c * $c + $u * $u));
        };

        return 16.0 * M_PI / Quadrature::integrate($sum, 0.0, 1.0, 1e-6 / $size);
    }

    /** How much more drag a sphere meets on the axis of a tube; λ its share of the tube's width. */
    public static function wall(float $share): float
    {
        $x = min($share, self::WIDEST);
        $free = 1.0 - 2.10443 * $x + 2.08877 * $x ** 3 - 0.94813 * $x ** 5 - 1.372 * $x ** 6 + 3.87 * $x ** 8 - 4.19 * $x ** 10;

        return 1.0 / max(0.02, $free);
    }

    /** m/s downward; negative for what rises. */
    public function speed(float $density, float $liquid, float $viscosity): float
    {
        $weight = ($density - $liquid) * self::GRAVITY * $this->volume;
        $creeping = $weight / ($this->resistance * $viscosity * $this->held);
        $speed = $creeping;
        for ($n = 0; $n < self::ROUNDS; $n++) {
            $reynolds = $liquid * abs($speed) * $this->across / $viscosity;
            $next = $reynolds < self::CREEPING ? $creeping : $creeping / (1.0 + 0.15 * $reynolds ** 0.687);
            if (abs($next - $speed) <= 1e-9 * abs($creeping)) {
                break;
            }
            // Between both: by itself it swings about the answer.
            $speed = 0.5 * ($speed + $next);
        }

        return $speed;
    }
}
