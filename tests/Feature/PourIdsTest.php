<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\PlanFile\PlanFile;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Tests\Mixes;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->path = "/pieces/{$this->piece->id}";
    $this->mix = fn(int $pour) => $this->post("{$this->path}/pours/{$pour}/mixings", ['mixed' => '77 g', 'kept' => '4 g'])
        ->assertSessionHasNoErrors();
    $this->shape = fn(int $pour, string $way) => $this->patch("{$this->path}/pours/{$pour}", ['way' => $way])->assertSessionHasNoErrors();
    $this->depths = fn(): array => array_column($this->piece->refresh()->document['pours'], 'depth_mm');
    // Numbers of the pours on whose pages the mix stands.
    $this->mixed = fn(): array => array_keys(array_filter(
        $this->piece->refresh()->document['pours'],
        fn(int $k): bool => str_contains((string) $this->get("{$this->path}/pours/{$k}")->assertOk()->getContent(), '77.0 g mixed'),
        ARRAY_FILTER_USE_KEY,
    ));
    $this->ticked = function (): string {
        $page = (string) $this->get("{$this->path}/sheet")->getContent();
        preg_match('/\s+checked\s+data-tick>\s*<span>(.*?)<\/span>/s', $page, $found);

        return trim((string) preg_replace('/\s+/', ' ', strip_tags($found[1] ?? '')));
    };
});

it('leaves a mix and a tick with their pour, whatever is divided, exchanged, joined, taken out or undone around it', function (): void {
    expect(($this->depths)())->toEqual([14, 12, 34]);
    Mixes::of($this->piece);
    ($this->mix)(1);
    preg_match_all('/value="([^"]+)"\s+data-tick/', (string) $this->get("{$this->path}/sheet")->getContent(), $steps);
    $fill = array_values(array_filter($steps[1], fn(string $step): bool => str_ends_with($step, ' fill')))[1];
    $this->patch("{$this->path}/sheet", ['step' => $fill, 'done' => [$fill]]);
    expect(($this->mixed)())->toBe([1])->and(($this->ticked)())->toStartWith('Pour 12 mm deep, up to 26 mm');

    ($this->shape)(0, 'split');
    expect(($this->depths)())->toEqual([7, 7, 12, 34])->and(($this->mixed)())->toBe([2])
        ->and(($this->ticked)())->toStartWith('Pour 12 mm deep, up to 26 mm')
        ->and(array_keys($this->piece->record()->progress()->happened()->begun))->toBe([0, 2]);
    ($this->shape)(2, 'lower');
    expect(($this->depths)())->toEqual([7, 12, 7, 34])->and(($this->mixed)())->toBe([1])
        ->and(($this->ticked)())->toStartWith('Pour 12 mm deep, up to 19 mm');
    $this->post("{$this->path}/steps", ['step' => 'back']);
    expect(($this->depths)())->toEqual([7, 7, 12, 34])->and(($this->mixed)())->toBe([2]);
    ($this->shape)(0, 'remove');
    expect(($this->mixed)())->toBe([1]);
    $this->post("{$this->path}/steps", ['step' => 'back']);
    $this->post("{$this->path}/steps", ['step' => 'back']);
    expect(($this->depths)())->toEqual([14, 12, 34])->and(($this->mixed)())->toBe([1]);
    // What is gone takes its mix along; nobody else gets it.
    ($this->shape)(1, 'remove');
    expect(($this->mixed)())->toBe([])->and(array_keys($this->piece->record()->progress()->happened()->begun))->toBe([0])
        ->and(($this->ticked)())->toBe('');
});

it('gives what is new an id of its own, also where one like it was taken out before', function (): void {
    ($this->shape)(0, 'split');
    Mixes::of($this->piece->refresh());
    ($this->mix)(1);
    ($this->shape)(1, 'remove');
    ($this->shape)(0, 'split');
    expect(($this->mixed)())->toBe([]);
    $ids = array_column($this->piece->refresh()->document['pours'], 'id');
    expect(array_unique($ids))->toHaveCount(4);
});

it('keeps found pours as they are once one of them is mixed', function (): void {
    $piece = $this->pieceOf($this->user, Plans::cone());
    $answer = resolve(Answers::class)->find($piece, $this->user);
    $ids = array_map(fn(LaidPour $pour): string => $pour->id, $answer->layout->pours);
    $this->post("/pieces/{$piece->id}/pours/0/mixings", ['mixed' => '77 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    expect(array_column($piece->refresh()->document['pours'], 'id'))->toBe($ids)
        ->and($piece->mixings()->value('pour_id'))->toBe($ids[0]);
});

it('finds the same ids for the same pours, given or found, and others for others', function (): void {
    $found = Draft::of(PlanFile::plan(Plans::cone()))->layout;
    $pours = array_map(fn(LaidPour $pour): array => ['resin' => 'deep', 'depth_mm' => 1e3 * $pour->depth()], $found->pours);
    $given = Layout::given(PlanFile::plan(['pours' => $pours] + Plans::cone()));
    $ids = fn(Layout $layout): array => array_map(fn(LaidPour $pour): string => $pour->id, $layout->pours);
    expect($ids($given))->toBe($ids($found))->and(array_unique($ids($found)))->toHaveCount(count($found->pours));
    // One that has the id of another by chance of its place is told apart.
    $pours[1] = ['id' => $ids($found)[0]] + $pours[1];
    $taken = Layout::given(PlanFile::plan(['pours' => $pours] + Plans::cone()));
    expect(array_unique($ids($taken)))->toHaveCount(count($pours))->and($ids($taken)[1])->toBe($ids($found)[0]);
});

it('keeps the ids of pours in plan files, and refuses the same one twice', function (): void {
    $named = Plans::changed(['/pours/0/id' => 'ground', '/pours/2/id' => 'top'], Plans::coneWithPours());
    $piece = $this->pieceOf($this->user, $named);
    expect(json_decode((string) $this->get("/pieces/{$piece->id}/file")->getContent(), true)['pours'][0]['id'])->toBe('ground');
    $twice = Plans::changed(['/pours/1/id' => 'ground'], $named);
    expect(fn() => PlanFile::plan($twice))->toThrow(Pensilis\PlanFile\PlanRefused::class, '/pours/1/id');
});

it('notes no pour on one that is not noted, and says which', function (): void {
    $this->from("{$this->path}/pours/2")->post("{$this->path}/pours/2/mixings", ['mixed' => '200 g', 'kept' => '4 g'])
        ->assertSessionHasErrors(['mixed' => 'Pour 3 cannot come before pour 1, which is not noted as poured by then. '
            . 'Note that one first.']);
    expect($this->piece->events()->count())->toBe(0);
    // The same of pours that were found.
    $found = $this->pieceOf($this->user, Plans::cone());
    $this->post("/pieces/{$found->id}/pours/1/mixings", ['mixed' => '90 g', 'kept' => '4 g'])->assertSessionHasErrors('mixed');
    expect($found->events()->count())->toBe(0)->and($found->refresh()->document)->not->toHaveKey('pours');
});
