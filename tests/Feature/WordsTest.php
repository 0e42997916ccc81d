<?php

declare(strict_types=1);

use App\Words\Words;
use Pensilis\Answer\Planner;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\PlanFile\PlanReader;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\Keyed;
use Pensilis\Quantity\UnitSystem;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Tests\Plans;
use Tests\RandomPlans;
use Tests\SharedCalibrations;
use Tests\Sources;

/** @return list<string> names that an expression can be: a text, either side of a choice, or how a made-up one begins */
function namesIn(?Node $node): array
{
    return match (true) {
        $node instanceof Node\Scalar\String_            => [$node->value],
        $node instanceof Node\Expr\Ternary              => [...namesIn($node->if), ...namesIn($node->else)],
        $node instanceof Node\Scalar\InterpolatedString => $node->parts[0] instanceof Node\InterpolatedStringPart
            ? [$node->parts[0]->value]
            : [],
        default => [],
    };
}

/**
 * @param list<Node> $tree
 *
 * @return list<string>
 */
function textsIn(array $tree): array
{
    return array_map(
        fn(Node\Scalar\String_ $one): string => Keyed::bare($one->value),
        (new NodeFinder())->findInstanceOf($tree, Node\Scalar\String_::class),
    );
}

/**
 * What the core says of each code and fact, read from its own text: names of codes and facts, with all texts of the same class and of those
 * that it takes findings from or hands them to, of which the keys of figures and names are some.
 *
 * @return array{codes: array<string, list<string>>, facts: array<string, list<string>>}
 */
function statedInCore(): array
{
    static $stated = null;
    if ($stated !== null) {
        return $stated;
    }
    $stated = ['codes' => [], 'facts' => []];
    $finder = new NodeFinder();
    [$sources, $naming, $keysOf] = [[...Sources::below('core'), ...Sources::below('app')], [], []];
    $core = Sources::below('core');
    $classes = [];
    foreach (array_keys($core) as $file) {
        $classes[basename($file, '.php')] = $file;
    }
    foreach ($core as $file => $source) {
        preg_match_all('/\b[A-Z]\w+(?=::of\(|::within\(|\()/', $source, $named);
        foreach (array_intersect_key($classes, array_flip($named[0])) as $other) {
            $naming[$file][] = $other;
            $naming[$other][] = $file;
        }
    }
    foreach ($sources as $file => $source) {
        $tree = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        $keys = $keysOf[$file] ??= textsIn($tree);
        foreach (array_unique($naming[$file] ?? []) as $other) {
            $keysOf[$other] ??= textsIn((new ParserFactory())->createForHostVersion()->parse($sources[$other]) ?? []);
            $keys = [...$keys, ...$keysOf[$other]];
        }
        $note = function (string $kind, string $name) use ($keys, &$stated): void {
            $stated[$kind][$name] = array_values(array_unique([...$stated[$kind][$name] ?? [], ...$keys]));
        };
        foreach ($finder->findInstanceOf($tree, Node\Expr\ClassConstFetch::class) as $fetch) {
            if ($fetch->class instanceof Node\Name && $fetch->class->getLast() === 'Code' && $fetch->name instanceof Node\Identifier) {
                $note('codes', constant(Code::class . "::{$fetch->name}")->value);
            }
        }
        foreach ($finder->findInstanceOf($tree, Node\Expr\New_::class) as $new) {
            if ($new->class instanceof Node\Name && $new->class->getLast() === 'Fact') {
                foreach (namesIn($new->args[0]->value) as $name) {
                    $note('facts', $name);
                }
            }
        }
    }
    // What was poured so says the same.
    foreach (Code::cases() as $code) {
        $stated['codes'][$code->then()->value] ??= $stated['codes'][$code->value] ?? [];
    }

    return $stated;
}

/** @return list<string> */
function placesOf(string $line): array
{
    preg_match_all('/(?<!\w):([a-z]+)/', $line, $places);

    return $places[1];
}

it('has words for every code, and something for each of their places', function (Code $code): void {
    $words = trans('findings')[$code->value] ?? [];
    $stated = statedInCore()['codes'][$code->value] ?? [];
    expect($words)->toHaveKey('says')
        ->and(array_diff([...placesOf($words['says']), ...placesOf($words['mend'] ?? '')], [...$stated, 'cause', 'objects']))->toBe([]);
})->with(array_combine(
    array_map(fn(Code $code): string => $code->value, Code::cases()),
    array_map(fn(Code $code): array => [$code], Code::cases()),
));

it('has words for every fact, and something for each of their places', function (): void {
    [$facts, $refusals, $ready] = [trans('facts'), trans('refusals'), trans('ready')];
    foreach (statedInCore()['facts'] as $name => $keys) {
        $line = $facts[$name] ?? $refusals[$name] ?? $ready[$name]['what'] ?? null;
        // A name that is made up of parts: there are words for some that begin so.
        if ($line === null) {
            expect(array_filter(
                array_keys([...$facts, ...$refusals, ...$ready]),
                fn(string $known): bool => str_starts_with($known, $name),
            ))->not->toBe([], $name);
            continue;
        }
        expect(array_diff(placesOf($line), [...$keys, 'objects']))->toBe([], $name);
    }
});

it('has no words of codes or values that are no longer there', function (): void {
    expect(array_diff(array_keys(trans('findings')), array_map(fn(Code $code): string => $code->value, Code::cases())))->toBe([]);
});

it('has words for every value that can be chosen', function (string $enum): void {
    foreach ($enum::cases() as $case) {
        expect(Words::choice($case))->not->toBe('', "{$enum}::{$case->name}");
    }
})->with([
    Pensilis\Plan\Service::class, Pensilis\Plan\Viewed::class, Pensilis\Plan\Finish::class, Pensilis\Material\Sealer::class,
    Pensilis\Plan\Behind::class,
    Pensilis\Plan\Yellowing::class, Pensilis\Plan\Making::class, Pensilis\Plan\Application::class,
    Pensilis\Colour\ColourKind::class, Pensilis\Material\Drying::class,
]);

// All that random plans, those of the tests, and broken ones are told, in both unit systems.
it('fills every sentence in both unit systems', function (UnitSystem $system): void {
    $documents = [Plans::coloured(), Plans::cone(), Plans::coneWithPours(), ...array_map(RandomPlans::of(...), range(1, 80))];
    foreach ([
        '/ambient/celsius'    => 'x', '/vessel/diameter_mm' => -1, '/resins/0/ratio/by' => 'eye', '/vessel/shape' => 'bag',
        '/inclusions/0/shape' => 'blob', '/pours/0/resin' => 'other',
    ] as $at => $value) {
        $documents[] = Plans::changed([$at => $value], Plans::coneWithPours());
    }
    $planner = new Planner(new SharedCalibrations());
    $words = new Words($system);
    $told = [];
    foreach ($documents as $document) {
        try {
            $plan = PlanReader::read($document);
            $answer = $plan->pours === [] ? $planner->plan($plan) : $planner->judge($plan);
            array_push(
                $told,
                ...array_map($words->finding(...), $answer->said()),
                ...array_map(fn($task): string => $words->fact($task->what), $answer->tasks),
                ...array_map($words->mend(...), array_filter($answer->said(), fn(Finding $one): bool => $one->mend !== null))
            );
        } catch (PlanRefused $refusal) {
            array_push($told, ...array_map($words->finding(...), $refusal->problems));
        }
    }
    expect(count($told))->toBeGreaterThan(200);
    foreach ($told as $sentence) {
        expect(preg_match('/(?<![\w:]):[a-z]|\b[a-z]+_[a-z]+\b|\b(NAN|INF)\b/', $sentence))->toBe(0, $sentence)
            ->and(
                $system === UnitSystem::Us ? preg_match('/\d (mm|cm)\b|°C/', $sentence) : preg_match('/\d (in|oz)\b|°F/', $sentence),
            )->toBe(0, $sentence);
    }
})->with([UnitSystem::Metric, UnitSystem::Us]);

it('says at once when words or figures are missing', function (): void {
    $words = Words::metric();
    expect(fn() => $words->fact(new Fact('nothing of the kind')))->toThrow(OutOfBoundsException::class)
        ->and(fn() => $words->fact(new Fact('set-out')))->toThrow(OutOfBoundsException::class)
        ->and(fn() => $words->finding(Finding::of(Code::ColourShare, '/pours/0')))->toThrow(OutOfBoundsException::class, ':pour');
});
