<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What is settled first: what the piece is for, how its face ends, what is screwed or glued on. */
final readonly class Purpose
{
    /** Depth of a drilled hole where the plan does not say: 5–6 mm (common practice). */
    private const HOLE = 0.005;

    /** @param list<Fitting> $fittings */
    private function __construct(public Service $service, public Finish $finish, public array $fittings, public Yellowing $yellowing) {}

    public static function read(Node $root): self
    {
        $node = $root->has('purpose') ? $root->child('purpose') : Node::root([]);
        $fittings = [];
        foreach ($node->children('fittings') as $fitting) {
            [$x, $y] = $fitting->child('at_mm')->numbers();
            $fittings[] = new Fitting(
                $fitting->text('kind', 'handle'),
                $x / 1e3,
                $y / 1e3,
                $fitting->number('radius_mm') / 1e3,
                $fitting->has('depth_mm') ? $fitting->number('depth_mm') / 1e3 : self::HOLE,
                $fitting->text('from', 'top') === 'top',
            );
        }

        return new self(Service::from($node->text('use', 'display')), Finish::from($node->text('finish', 'mold')), $fittings, Yellowing::from($node->text('yellowing', 'none')));
    }
}
