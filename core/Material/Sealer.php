<?php

declare(strict_types=1);

namespace Pensilis\Material;

/**
 * The schools of sealing, the default first: brushed resin is what comes after, so it bonds and bends light alike.
 *
 * Masses and times are memory; which to use for what is common practice.
 */
enum Sealer: string
{
    case Resin = 'resin';
    case Acrylic = 'acrylic';
    case Glue = 'glue';
    case None = 'none';

    /** kg/m² of one coat. */
    public function coatMass(): float
    {
        return match ($this) {
            self::Resin   => 0.040,
            self::Acrylic => 0.015,
            self::Glue    => 0.030,
            self::None    => 0.0,
        };
    }

    /** h between two coats */
    public function between(): float
    {
        return match ($this) {
            self::Acrylic => 0.5,
            default       => 2.0,
        };
    }

    /** h from the last coat until it may go in */
    public function last(): float
    {
        return match ($this) {
            self::Acrylic => 4.0,
            self::Glue    => 24.0,
            default       => 12.0,
        };
    }
}
