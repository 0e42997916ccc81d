<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Illuminate\Http\Request;

/**
 * How a piece is looked at: from which side the section is seen, whether it lies turned over as it will be shown, and whose regions the
 * plan shows, and whether heat is tinted in.
 */
final readonly class Gaze
{
    private function __construct(public int $degrees, public bool $turned, public ?int $coat = null, public bool $tinted = false) {}

    public static function of(Request $request): self
    {
        $degrees = $request->input('from', 0);

        return new self(
            is_numeric($degrees) ? ((int) $degrees % 360 + 360) % 360 : 0,
            $request->boolean('turned'),
            is_numeric($request->input('coat')) ? (int) $request->input('coat') : null,
            $request->boolean('tinted'),
        );
    }

    public static function straight(): self
    {
        return new self(0, false);
    }

    /** @return array{float, float} the direction in plan that lies to the right in the section */
    public function right(): array
    {
        return [cos(deg2rad($this->degrees)), sin(deg2rad($this->degrees))];
    }

    /** How far right of the middle a place in plan is seen in the section. */
    public function across(float $x, float $y): float
    {
        [$c, $s] = $this->right();

        return $c * $x + $s * $y;
    }

    /** @return array{from?: int, turned?: int, coat?: int, tinted?: int} what an address must say to look like this again */
    public function query(): array
    {
        return ($this->degrees === 0 ? [] : ['from' => $this->degrees]) + ($this->turned
            ? ['turned' => 1] : []) + ($this->coat === null ? [] : ['coat' => $this->coat]) + ($this->tinted ? ['tinted' => 1] : []);
    }
}
