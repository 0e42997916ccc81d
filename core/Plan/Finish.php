<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** How the seen face ends; the default keeps what the mold gives, as each further coat is a risk of its own. */
enum Finish: string
{
    case Mold = 'mold';
    case Flood = 'flood';
    case Sanded = 'sanded';
    case Both = 'both';

    public function words(): string
    {
        return match ($this) {
            self::Mold   => 'as it comes out: mold gloss',
            self::Flood  => 'a last coat floods the face',
            self::Sanded => 'sanded and polished',
            self::Both   => 'turned over: the back coated, then the face',
        };
    }

    /** What is still to be done after demolding; null where nothing is. */
    public function after(): ?string
    {
        return match ($this) {
            self::Mold   => null,
            self::Flood  => 'Scuff the face with 220 grit, wipe, and flood it with a thin coat on props',
            self::Sanded => 'Sand the face wet through the grits, masked, and polish it cool',
            self::Both   => 'Turn it over, coat the back; once that has set, coat the face. No mold holds the rim now: keep coats thin',
        };
    }
}
