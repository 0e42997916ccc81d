<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Colour\Recipe;
use Pensilis\Exception\MissingKey;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Layering\Pin;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Behind;
use Pensilis\Plan\Compartment;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\PinnedPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Length;
use Pensilis\Resin\Resin;
use Pensilis\Scheduling\Joint;
use Pensilis\Vessel\Vessel;

/**
 * Makes a plan out of a decoded plan file whose shape the JSON Schema has passed; finds what makes no sense. The parts have readers of
 * their own (vessel, resin, inclusion, coat, studio); here they are put together and what spans them is checked: names that are used
 * once, resins and colours that are named, objects that are not too many, pours that do not rise above the rim.
 */
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
            $problems->attempt($missing->pointer, fn(): never => throw $missing);
            $plan = null;
        }
        $problems->throwIfAny();
        if ($plan !== null && isset($document['record'])) {
            RecordReader::ofPlan($document, $plan);
        }

        return $plan ?? throw new PlanRefused([Finding::of(Code::EmptyPlan, '')]);
    }

    private function plan(Node $root): ?Plan
    {
        $studio = (new StudioReader($this->problems))->read($root);
        $ambient = (new StudioReader($this->problems))->ambient($root->child('ambient'), $studio->clock);
        $vessel = (new VesselReader($this->problems, $this->meshes))->read($root->child('vessel'), self::given($root));
        $resins = $this->resins($root);
        $inclusions = $this->inclusions($root, $vessel);
        $coats = CoatReader::read($this->problems, $root, $vessel?->widest());
        $compartments = $this->compartments($root->child('vessel'), $resins, $coats);
        $pours = $this->pours($root, $resins, $coats);
        $pins = $this->pins($root, $resins, $coats);
        $depth = array_sum(array_map(fn(GivenPour $pour): float => $pour->depth, $pours));
        if ($vessel !== null && $depth > $vessel->shape->height() + Vessel::SAME) {
            $this->problems->add(
                Code::AboveRim,
                '/pours',
                ['pours' => Length::metres($depth), 'rim' => Length::metres($vessel->shape->height())],
            );
        }
        if ($ambient === null || $vessel === null || $resins === [] || $this->problems->areFound()) {
            return null;
        }
        $deepest = $root->maybeChild('layering')->maybe('max_pour_mm');

        return new Plan(
            $root->text('title'),
            $ambient,
            $vessel,
            $resins,
            $inclusions,
            $pours,
            $studio,
            $deepest === null ? null : $deepest / 1e3,
            UseReader::setup($root, $compartments, $vessel),
            UseReader::purpose($root),
            self::sealer($root),
            UseReader::costs($root),
            $coats->colours,
            Behind::from($root->maybeChild('purpose')->text('behind', 'paper')),
            $pins,
            UseReader::weights($root->maybeChild('layering')),
        );
    }

    /**
     * @param array<string, Resin> $resins the first of which fills them
     *
     * @return list<Compartment>
     */
    private function compartments(Node $vessel, array $resins, CoatReader $coats): array
    {
        $mixDensity = self::mixDensity($resins);

        return (new VesselReader($this->problems, $this->meshes))
            ->compartments($vessel, fn(Node $node): Recipe => $coats->recipe($node, $mixDensity));
    }

    /**
     * @param array<string, Resin> $resins
     *
     * @return float g/ml of the first
     */
    private static function mixDensity(array $resins): float
    {
        return 1e-3 * (array_values($resins)[0]->density ?? 1e3);
    }

    /** What all given pours are deep together, m. */
    private static function given(Node $root): float
    {
        return array_sum(array_map(fn(Node $pour): float => max(0.0, $pour->number('depth_mm')) / 1e3, $root->children('pours')));
    }

    /**
     * @param array<string, Resin> $resins the first of which colours are mixed into
     *
     * @return list<PinnedPour>
     */
    private function pins(Node $root, array $resins, CoatReader $coats): array
    {
        [$pins, $mixDensity] = [[], self::mixDensity($resins)];
        foreach ($root->maybeChild('layering')->children('pinned') as $node) {
            if ($node->number('to_mm') <= $node->number('from_mm')) {
                $this->problems->add(Code::ImpossiblePin, $node->at('to_mm'));
            } else {
                $pin = Pin::of($node->number('from_mm') / 1e3, $node->number('to_mm') / 1e3);
                $pins[] = new PinnedPour($pin, $coats->coat($node, $mixDensity));
            }
        }

        return $pins;
    }

    /** @return array<string, Resin> */
    private function resins(Node $root): array
    {
        $resins = [];
        foreach ($root->children('resins') as $node) {
            $resin = (new ResinReader($this->problems, UseReader::recoat($root)))->read($node);
            if ($resin !== null && isset($resins[$resin->id])) {
                $this->problems->add(Code::SameResin, $node->at('id'), names: ['id' => $resin->id]);
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
                $this->problems->add(Code::SameObject, $node->at('id'), names: ['id' => $inclusion->id]);
            } elseif ($inclusion !== null) {
                $inclusions[$inclusion->id] = $inclusion;
            }
        }

        return array_values($inclusions);
    }

    private static function sealer(Node $root): Sealer
    {
        return Sealer::from($root->maybeChild('sealing')->text('school', 'resin'));
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
                    $this->problems->add(Code::UnknownResin, $node->at('resin'), names: ['id' => $id]);
                }
                continue;
            }
            if ($start < $before) {
                $this->problems->add(Code::PourOrder, $node->at('start_h'));
            }
            if ($node->number('depth_mm') <= 0.0) {
                $this->problems->add(Code::ImpossibleDepth, $node->at('depth_mm'));
                continue;
            }
            $pours[] = new GivenPour(
                $resins[$id],
                $node->number('depth_mm') / 1e3,
                $start,
                $coats->coat($node, $resins[$id]->density / 1e3),
                $pours !== [] && $node->text('joint', 'set') === Joint::Wet->value,
                $own = $node->text('id', ''),
            );
            if ($own !== '' && in_array($own, array_column(array_slice($pours, 0, -1), 'id'), true)) {
                $this->problems->add(Code::SamePour, $node->at('id'), names: ['id' => $own]);
            }
            $before = max($before, $start);
        }

        return $pours;
    }
}
