<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Exception\MissingKey;
use Pensilis\Exception\PlanRefused;
use Pensilis\Geometry\Vessel;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Sealer;
use Pensilis\Resin\Resin;

/** Makes a plan out of a decoded plan file whose shape the JSON Schema has passed; finds what makes no sense. */
final readonly class PlanReader
{
    private function __construct(private Problems $problems, private MeshSource $meshes) {}

    /**
     * @param array<array-key, mixed> $document
     *
     * @throws PlanRefused with all problems at once
     */
    public static function read(array $document, MeshSource $meshes = new NoMeshes()): Plan
    {
        $problems = new Problems();
        $reader = new self($problems, $meshes);
        try {
            $plan = $reader->plan(Node::root($document));
        } catch (MissingKey $missing) {
            $problems->add('missing', $missing->getMessage(), $missing->pointer);
            $plan = null;
        }
        $problems->throwIfAny();

        return $plan ?? throw new PlanRefused([new Notice('empty', 'This plan says nothing.', '')]);
    }

    private function plan(Node $root): ?Plan
    {
        $studio = (new StudioReader($this->problems))->read($root);
        $ambient = (new StudioReader($this->problems))->ambient($root->child('ambient'), $studio->clock);
        $vessel = (new VesselReader($this->problems, $this->meshes))->read($root->child('vessel'));
        $compartments = (new VesselReader($this->problems, $this->meshes))->compartments($root->child('vessel'));
        $resins = $this->resins($root);
        $inclusions = $this->inclusions($root, $vessel);
        $coats = CoatReader::read($this->problems, $root);
        $pours = $this->pours($root, $resins, $coats);
        $depth = array_sum(array_map(fn(GivenPour $pour): float => $pour->depth, $pours));
        if ($vessel !== null && $depth > $vessel->shape->height() + 5e-5) {
            $this->problems->add('above-rim', sprintf(
                'The pours add up to %s mm, above the rim at %s mm; make them shallower.',
                round(1e3 * $depth, 2),
                round(1e3 * $vessel->shape->height(), 2),
            ), '/pours');
        }
        if ($ambient === null || $vessel === null || $resins === [] || $this->problems->areFound()) {
            return null;
        }
        $deepest = $root->has('layering') ? $root->child('layering')->maybe('max_pour_mm') : null;

        return new Plan(
            $root->text('title'),
            $ambient,
            $vessel,
            $resins,
            $inclusions,
            $pours,
            $studio,
            $deepest === null ? null : $deepest / 1e3,
            Setup::read($root, $compartments),
            Purpose::read($root),
            self::sealer($root),
            Costs::read($root),
            $coats->colours,
            Behind::from($root->has('purpose') ? $root->child('purpose')->text('behind', 'paper') : 'paper'),
        );
    }

    /** @return array<string, Resin> */
    private function resins(Node $root): array
    {
        $resins = [];
        foreach ($root->children('resins') as $node) {
            $resin = (new ResinReader($this->problems))->read($node);
            if ($resin !== null && isset($resins[$resin->id])) {
                $this->problems->add('same-id', "Two resins are called “{$resin->id}”; give each its own id.", $node->at('id'));
            } elseif ($resin !== null) {
                $resins[$resin->id] = $resin;
            }
        }

        return $resins;
    }

    /** @return list<Inclusion> */
    private function inclusions(Node $root, ?Vessel $vessel): array
    {
        $inclusions = $this->single($root);
        if ($vessel !== null && count($inclusions) === count($root->children('inclusions'))) {
            return (new CopySpreader($this->problems, $vessel))->spread($inclusions, $root->children('inclusions'));
        }

        return $inclusions;
    }

    /** @return list<Inclusion> each once, wherever its copies may go */
    private function single(Node $root): array
    {
        $inclusions = [];
        $sealer = self::sealer($root);
        foreach ($root->children('inclusions') as $node) {
            $inclusion = (new InclusionReader($this->problems, $this->meshes, $sealer))->read($node);
            if ($inclusion !== null && isset($inclusions[$inclusion->id])) {
                $this->problems->add('same-id', "Two objects are called “{$inclusion->id}”; give each its own id.", $node->at('id'));
            } elseif ($inclusion !== null) {
                $inclusions[$inclusion->id] = $inclusion;
            }
        }

        return array_values($inclusions);
    }

    private static function sealer(Node $root): Sealer
    {
        return Sealer::from($root->has('sealing') ? $root->child('sealing')->text('school', 'resin') : 'resin');
    }

    /**
     * @param array<string, Resin> $resins
     *
     * @return list<GivenPour>
     */
    private function pours(Node $root, array $resins, CoatReader $coats): array
    {
        $pours = [];
        $before = 0.0;
        $named = array_map(fn(Node $resin): string => $resin->text('id'), $root->children('resins'));
        foreach ($root->children('pours') as $node) {
            $id = $node->text('resin');
            $start = $node->number('start_h', $before);
            if (!isset($resins[$id])) {
                if (!in_array($id, $named, true)) {
                    $this->problems->add('unknown-resin', "No resin of this plan is called “{$id}”.", $node->at('resin'));
                }
                continue;
            }
            if ($start < $before) {
                $this->problems->add('pour-order', 'This pour starts before the one below it; pours are written bottom up.', $node->at('start_h'));
            }
            if ($node->number('depth_mm') <= 0.0) {
                $this->problems->add('impossible-value', 'The depth of a pour must be above 0.', $node->at('depth_mm'));
                continue;
            }
            $pours[] = new GivenPour($resins[$id], $node->number('depth_mm') / 1e3, $start, $coats->coat($node));
            $before = max($before, $start);
        }

        return $pours;
    }
}
