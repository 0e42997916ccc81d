<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/** How a colour is dosed; the value is the word of the plan file. */
enum ColourKind: string
{
    case Ink = 'ink';
    case Pigment = 'pigment';
    case Filler = 'filler';

    /** How a plan says that a filler is taken as it lies, its voids filled with mix. */
    public const VOIDS_FILLED = 'voids-filled';

    /** The key that a dose has in a plan file. */
    public function key(): string
    {
        return $this === self::Ink ? 'drops_per_10_ml' : 'pct';
    }

    /**
     * Steps from barely there to opaque by name, in its unit (inks and a tenth of pigment: common practice; the rest memory).
     *
     * @return array<string, float>
     */
    public function ladder(): array
    {
        return match ($this) {
            self::Ink     => ['trace' => 0.05, 'transparent' => 0.3, 'tinted' => 0.6, 'deep' => 1.2, 'nearly-opaque' => 3.0],
            self::Pigment => ['trace' => 0.05, 'translucent' => 0.3, 'tinted' => 1.0, 'deep' => 3.0, 'opaque-thick' => 10.0],
            self::Filler  => ['scattered' => 2.0, 'loose' => 10.0, 'dense' => 30.0, 'paste' => 60.0],
        };
    }
}
