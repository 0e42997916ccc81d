<?php

declare(strict_types=1);

use Tests\Sources;

/**
 * Which folder may know which, named from the roots of core and app: everything that a folder knows stands above it.
 *
 * @return array<string, list<string>>
 */
function mayKnow(): array
{
    return [
        'Pensilis\Value'           => [],
        'Pensilis\Fact'            => [],
        'Pensilis\Exception'       => ['Fact'],
        'Pensilis\Quantity'        => ['Fact', 'Exception'],
        'Pensilis\Finding'         => ['Fact', 'Quantity'],
        'Pensilis\Numerics'        => ['Exception'],
        'Pensilis\Geometry'        => ['Exception', 'Numerics'],
        'Pensilis\Geometry\Region' => ['Exception', 'Numerics', 'Geometry'],
        'Pensilis\Vessel'          => ['Exception', 'Numerics', 'Geometry', 'Material'],
        'Pensilis\Colour'          => ['Value', 'Exception', 'Numerics'],
        'Pensilis\Material'        => ['Value', 'Exception', 'Geometry', 'Colour'],
        'Pensilis\Resin'           => ['Value', 'Exception', 'Quantity', 'Numerics'],
        'Pensilis\Settling'        => ['Numerics', 'Geometry', 'Material', 'Resin'],
        'Pensilis\Layering'        => ['Quantity', 'Finding', 'Material', 'Settling'],
        'Pensilis\Batching'        => ['Value', 'Fact', 'Exception', 'Vessel', 'Resin'],
        'Pensilis\Scheduling'      => ['Fact', 'Exception', 'Material'],
        'Pensilis\Thermal\Grid'    => ['Value', 'Exception', 'Numerics', 'Geometry', 'Material', 'Vessel'],
        'Pensilis\Thermal\Room'    => ['Quantity', 'Numerics', 'Resin'],
        'Pensilis\Thermal\Run'     => ['Exception', 'Numerics', 'Material', 'Vessel', 'Resin', 'Thermal\Grid', 'Thermal\Room'],
        'Pensilis\Thermal'         => [
            'Quantity', 'Numerics', 'Geometry', 'Vessel', 'Resin', 'Scheduling', 'Thermal\Grid', 'Thermal\Room', 'Thermal\Run',
        ],
        'Pensilis\Thermal\Fit' => [
            'Quantity', 'Numerics', 'Vessel', 'Resin', 'Batching', 'Thermal\Grid', 'Thermal\Room', 'Thermal\Run', 'Thermal',
        ],
        'Pensilis\Plan' => [
            'Value', 'Fact', 'Geometry', 'Geometry\Region', 'Vessel', 'Colour', 'Material', 'Resin', 'Layering', 'Batching', 'Scheduling',
            'Thermal\Room',
        ],
        'Pensilis\Record' => [
            'Quantity', 'Finding', 'Scheduling', 'Thermal\Room', 'Thermal\Fit', 'Plan',
        ],
        'Pensilis\PlanFile' => [
            'Fact', 'Exception', 'Quantity', 'Finding', 'Geometry', 'Geometry\Region', 'Vessel', 'Colour', 'Material', 'Resin',
            'Layering', 'Batching', 'Scheduling', 'Thermal\Room', 'Thermal\Fit', 'Plan', 'Record',
        ],
        'Pensilis\Layout' => [
            'Value', 'Fact', 'Quantity', 'Finding', 'Numerics', 'Geometry', 'Geometry\Region', 'Vessel', 'Colour', 'Material', 'Resin',
            'Layering', 'Batching', 'Thermal\Fit', 'Plan',
        ],
        'Pensilis\Bench' => [
            'Fact', 'Colour', 'Material', 'Settling', 'Resin', 'Batching', 'Scheduling', 'Plan', 'Layout',
        ],
        'Pensilis\Simulation' => [
            'Fact', 'Quantity', 'Colour', 'Material', 'Vessel', 'Resin', 'Settling', 'Batching', 'Scheduling', 'Thermal\Grid',
            'Thermal\Room', 'Thermal\Run', 'Thermal', 'Thermal\Fit', 'Plan', 'Layout', 'Bench',
        ],
        'Pensilis\Judgement' => [
            'Fact', 'Quantity', 'Finding', 'Geometry', 'Vessel', 'Colour', 'Material', 'Resin', 'Settling', 'Batching',
            'Scheduling', 'Thermal\Run', 'Plan', 'Layout', 'Bench', 'Simulation',
        ],
        'Pensilis\Answer' => [
            'Value', 'Fact', 'Exception', 'Quantity', 'Finding', 'Vessel', 'Material', 'Batching', 'Bench', 'Scheduling', 'Thermal\Room',
            'Thermal\Run', 'Thermal', 'Thermal\Fit', 'Plan', 'Record', 'Layout', 'Simulation', 'Judgement',
        ],
        // The core is open to all of the application.
        'App\Database'             => [],
        'App\Turns'                => [],
        'App\Words'                => ['core'],
        'App\Interchange\PlanFile' => ['core', 'App\Words'],
        'App\Interchange\Form'     => ['core', 'App\Words', 'App\Interchange\PlanFile'],
        'App\Models'               => ['core', 'App\Interchange\PlanFile', 'App\Notifications'],
        'App\Interchange\Shelf'    => ['core', 'App\Words', 'App\Interchange\PlanFile', 'App\Interchange\Form', 'App\Models'],
        'App\Interchange\Answers'  => ['core', 'App\Words', 'App\Interchange\PlanFile', 'App\Models', 'App\Turns'],
        'App\View\Drawing'         => ['core', 'App\Words', 'App\Models', 'App\Interchange\PlanFile'],
        'App\View\Page'            => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\Form', 'App\Interchange\Shelf', 'App\Interchange\Answers',
            'App\View\Drawing',
        ],
        'App\Notifications'   => [],
        'App\Providers'       => ['core', 'App\Words', 'App\Database', 'App\Models', 'App\Interchange\Answers', 'App\Notifications'],
        'App\Http'            => [],
        'App\Http\Middleware' => ['App\Models', 'App\Http'],
        'App\Http\Requests'   => [
            'core', 'App\Words', 'App\Models', 'App\Turns', 'App\Http', 'App\Interchange\PlanFile', 'App\Interchange\Form',
            'App\Interchange\Shelf',
        ],
        'App\Http\Controllers'         => ['App\Models', 'App\View\Drawing'],
        'App\Http\Controllers\Account' => ['App\Words', 'App\Models', 'App\Http', 'App\Http\Requests', 'App\Http\Controllers'],
        'App\Http\Controllers\Day'     => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\PlanFile', 'App\Interchange\Answers', 'App\View\Page',
            'App\Http\Requests', 'App\Http\Controllers',
        ],
        'App\Http\Controllers\Orders' => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\PlanFile', 'App\Interchange\Shelf',
            'App\Http\Requests', 'App\Http\Controllers',
        ],
        'App\Http\Controllers\Parts' => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\PlanFile', 'App\Interchange\Form', 'App\Interchange\Shelf',
            'App\Interchange\Answers', 'App\View\Page', 'App\Http\Requests', 'App\Http\Controllers',
        ],
        'App\Http\Controllers\Pieces' => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\PlanFile', 'App\Interchange\Form', 'App\Interchange\Shelf',
            'App\Interchange\Answers', 'App\View\Drawing', 'App\View\Page', 'App\Http\Requests', 'App\Http\Controllers',
            'App\Http\Controllers\Parts',
        ],
        'App\Http\Controllers\Pours' => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\Answers', 'App\View\Page', 'App\Http', 'App\Http\Requests',
            'App\Http\Controllers',
        ],
        'App\Http\Controllers\Shelf' => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\Shelf', 'App\Interchange\Answers', 'App\View\Page', 'App\Http',
            'App\Http\Requests', 'App\Http\Controllers',
        ],
        'App\Http\Controllers\Studio' => [
            'core', 'App\Words', 'App\Models', 'App\Interchange\Form', 'App\Interchange\Answers', 'App\View\Page', 'App\Notifications',
            'App\Http', 'App\Http\Requests', 'App\Http\Controllers',
        ],
        'App\Console\Commands' => ['core', 'App\Words', 'App\Models', 'App\Interchange\PlanFile', 'App\Interchange\Answers'],
    ];
}

/** @return array<string, array<string, string>> by namespace: the namespaces that it names, with the file that does */
function namedFolders(): array
{
    $graph = [];
    foreach ([...Sources::below('core'), ...Sources::below('app')] as $file => $text) {
        preg_match('/^namespace (\S+);/m', $text, $own);
        $graph[$own[1]] ??= [];
        preg_match_all(
            '/(?<![\w\\\\])\\\\?((?:Pensilis|App)(?:\\\\\w+)+)\\\\\w+/',
            (string) preg_replace('/^namespace .*$/m', '', $text),
            $named,
        );
        foreach (array_diff($named[1], [$own[1]]) as $other) {
            $graph[$own[1]][$other] = $file;
        }
    }

    return $graph;
}

it('knows only the folders that the list allows', function (): void {
    $allowed = mayKnow();
    $graph = namedFolders();
    expect(array_keys($graph))->toEqualCanonicalizing(array_keys($allowed));
    foreach ($graph as $folder => $named) {
        foreach ($named as $other => $file) {
            $may = str_starts_with($other, 'Pensilis\\') && in_array('core', $allowed[$folder], true)
                || in_array(str_starts_with($other, 'Pensilis\\') ? substr($other, 9) : $other, $allowed[$folder], true);
            expect($may)->toBeTrue("{$file} names {$other}");
        }
    }
});

it('has no circle of folders', function (): void {
    $open = array_map(array_keys(...), namedFolders());
    // Folders that know none but those already taken away are taken away, until none is left or none can be.
    do {
        $free = array_keys(array_filter($open, fn(array $named): bool => array_intersect($named, array_keys($open)) === []));
        $open = array_diff_key($open, array_flip($free));
    } while ($free !== []);
    expect(array_keys($open))->toBe([]);
});
