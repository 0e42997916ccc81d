<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Plan\Plan;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\PlanRefused;

/**
 * What a piece says, as a plan file has it: its text as it is stored, what that decodes to by the clock of the studio, a name of it, and
 * the plan that it makes. Each is worked out once, when it is first asked for.
 */
final class PlanDocument
{
    private ?string $print = null;

    private ?Plan $plan = null;

    /** Whether its times are by another clock than those of its text. */
    private bool $isMoved = false;

    /** @param array<string, mixed>|null $fields */
    private function __construct(private ?string $text, private readonly string $zone, private ?array $fields = null) {}

    /** @param string $zone of the studio, whatever that of the text is */
    public static function stored(string $text, string $zone): self
    {
        return new self($text, $zone);
    }

    /** @param array<string, mixed> $fields put together here, by the clock of the studio; what happened is no part of it */
    public static function of(array $fields): self
    {
        return new self(null, '', array_diff_key(PlanFile::tidy($fields), ['record' => 1]));
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        if ($this->fields === null) {
            $decoded = $this->decoded();
            $this->fields = Zoned::in($decoded, $this->zone);
            $this->isMoved = $this->fields !== $decoded;
        }

        return $this->fields;
    }

    /** As it is stored. */
    public function text(): string
    {
        return $this->text ??= self::encoded($this->fields ?? []);
    }

    /** The same by the clock of the studio. */
    public function said(): string
    {
        $fields = $this->fields();

        return $this->isMoved ? self::encoded($fields) : $this->text();
    }

    /** Names all that it says: the same for two that say the same. */
    public function print(): string
    {
        return $this->print ??= hash('xxh128', $this->said());
    }

    public function title(): string
    {
        $title = $this->fields()['title'] ?? '';

        return is_string($title) ? $title : '';
    }

    /** @throws PlanRefused where it makes none: one that is kept may not by later rules, or without a mesh that is gone */
    public function plan(MeshSource $meshes): Plan
    {
        return $this->plan ??= PlanFile::plan($this->fields(), $meshes);
    }

    /**
     * The same, held against the schema first, as what people have put together must be.
     *
     * @throws PlanRefused
     */
    public function sound(MeshSource $meshes): Plan
    {
        return $this->plan = PlanFile::sound($this->fields(), $meshes);
    }

    /** @return array<string, mixed> */
    private function decoded(): array
    {
        /** @var array<string, mixed> */
        return json_decode($this->text ?? '{}', true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $fields */
    private static function encoded(array $fields): string
    {
        return json_encode($fields, JSON_THROW_ON_ERROR);
    }
}
