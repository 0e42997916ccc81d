<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use Pensilis\Layout\Draft;
use Pensilis\Material\Kinds;
use Pensilis\PlanFile\PlainResins;

it('begins every kind at a size that has room and is covered, thin things thin', function (string $kind): void {
    $document = Starters::of('Panel', PlainResins::ALL['coat'], '2026-11-27T08:00');
    foreach ([
        ['shape' => 'panel', 'length_mm' => 80, 'width_mm' => 80, 'dam_mm' => 4],
        ['shape' => 'cylinder', 'diameter_mm' => 90, 'height_mm' => 60],
    ] as $vessel) {
        $document['vessel'] = $vessel + ['wall' => ['material' => 'silicone', 'thickness_mm' => 4]];
        $object = PlanFile::plan(Starters::withObject($document, Kinds::all()[$kind]))->inclusions[0];
        $height = $vessel['dam_mm'] ?? $vessel['height_mm'];
        expect(1e3 * $object->targetTop())->toBeLessThan($height)->and(2e3 * $object->solid->footprint()->halfX)->toBeLessThan(40.0);
    }
    // A sheet of paper is about 0.1 mm, a pressed leaf below a millimetre (common practice).
    if (in_array($kind, ['letter', 'paper', 'leaf', 'photograph', 'lace'], true)) {
        expect(1e3 * $object->solid->height())->toBeLessThan(1.0);
    }
})->with(array_keys(Kinds::all()));

it('says of what is higher than the fill that it stands out, wherever it lies', function (): void {
    $document = Starters::of('Panel', PlainResins::ALL['coat'], '2026-11-27T08:00');
    $document['vessel'] = ['shape' => 'panel', 'length_mm' => 80, 'width_mm' => 80, 'dam_mm' => 4,
        'wall'                     => ['material' => 'silicone', 'thickness_mm' => 4]];
    $document['inclusions'] = [['id' => 'block', 'shape' => 'box', 'size_mm' => [10, 10, 5], 'at_mm' => [0, 0],
        'target_bottom_mm'           => 0, 'tolerance_mm' => 2, 'material' => ['skeleton_g_cm3' => 0.8]]];
    expect(Draft::found(PlanFile::plan($document))->reasons[0]->code->value)->toBe('uncovered.stands-out');
});
