<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\Measuring;
use App\Interchange\PlanFile\Palette;
use Pensilis\PlanFile\Document;

/** What a thing of the shelf is in a plan file: one of its resins, one of its colours, what it is measured with. */
final readonly class SupplyInPlan
{
    public function __construct(private Supply $supply) {}

    /**
     * The document of a piece that takes this: a resin for its first one, whose id stays; a colour beside those it has; a device in
     * place of the one before.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public function into(array $document): array
    {
        $said = $this->supply->document;
        $price = $this->supply->unitPrice();
        switch ($this->supply->kind) {
            case SupplyKind::Resin:
                return Document::with($document, '/resins/0', ['id' => Document::value($document, '/resins/0/id')] + $this->resin());
            case SupplyKind::Colour:
                return Palette::with($document, $this->colour());
            case SupplyKind::Sealer:
                return Document::with($document, '/sealing/school', $said['school'] ?? 'resin');
            case SupplyKind::Device:
                foreach (Measuring::KEYS as $key) {
                    $document = isset($said[$key])
                        ? Document::with($document, "/studio/{$key}", $said[$key])
                        : Document::without($document, "/studio/{$key}");
                }

                return $document;
            case SupplyKind::Consumable:
                return $price === null ? $document
                    : Document::with($document, '/studio/consumables_price', round($price * ($this->supply->per_pour ?? 1.0), 4));
            case SupplyKind::Thing:
                return $document;
        }
    }

    /** @return array<string, mixed> one of the `resins` of a plan file */
    public function resin(): array
    {
        $price = $this->supply->unitPrice();

        return [
            'name' => $this->supply->name,
        ] + ($price === null ? [] : ['price_per_kg' => round(1e3 * $price, 4)]) + $this->supply->document;
    }

    /** @return array<string, mixed> one of the `colours` of a plan file */
    public function colour(): array
    {
        $price = $this->supply->unitPrice();

        return [
            'id' => mb_strtolower($this->supply->name), 'name' => $this->supply->name,
        ] + ($price === null ? [] : ['price_per_g' => round($price, 6)]) + $this->supply->document;
    }
}
