<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/**
 * What can be found: a case for each sentence. The word before the point is what programs rely on (docs/plan-file.md); what follows
 * tells apart sentences of the same word. Here too stands, case by case, how heavy it weighs, which question of the verdict it answers,
 * and whether it is told at the object it names; everything else of a finding (pointer, quantities, names, mend) is said where it is found.
 */
enum Code: string
{
    // The file.
    case NoFile = 'no-file';
    case TooLarge = 'too-large';
    case TooLargeText = 'too-large.text';
    case Nesting = 'nesting';
    case Empty = 'empty';
    case EmptyPlan = 'empty.plan';
    case Json = 'json';
    case NotAnObject = 'not-an-object';
    case Characters = 'characters';
    case Type = 'type';
    case Choice = 'choice';
    case ChoiceExactly = 'choice.exactly';
    case ChoiceOfKinds = 'choice.of-kinds';
    case RangeFrom = 'range.from';
    case RangeTiny = 'range.tiny';
    case RangeAbove = 'range.above';
    case RangeTo = 'range.to';
    case RangeBelow = 'range.below';
    case CountAtLeast = 'count.at-least';
    case CountAtMost = 'count.at-most';
    case TextWanted = 'text';
    case TextTooLong = 'text.too-long';
    case Schema = 'schema';
    case UnknownKey = 'unknown-key';
    case MissingKey = 'missing.key';
    case MissingValue = 'missing';
    case MissingDose = 'missing.dose';
    case MissingPours = 'missing.pours';
    case MissingStart = 'missing.start';

    // What a file says.
    case ImpossibleValue = 'impossible-value';
    case ImpossibleDepth = 'impossible-value.depth';
    case UnknownInk = 'unknown-colour.ink';
    case ImpossiblePin = 'impossible-value.pin';
    case SheetContradiction = 'sheet-contradiction';
    case UnknownVesselShape = 'unknown-shape.vessel';
    case UnknownObjectShape = 'unknown-shape.object';
    case SameResin = 'same-id.resin';
    case SamePour = 'same-id.pour';
    case SameObject = 'same-id.object';
    case SameColour = 'same-id.colour';
    case UnknownResin = 'unknown-resin';
    case UnknownColour = 'unknown-colour';
    case PourOrder = 'pour-order';
    case AboveRim = 'above-rim';
    case FillAboveRim = 'above-rim.fill';
    case CompartmentAboveRim = 'above-rim.compartment';
    case CompartmentFull = 'compartment-full';
    case NoWall = 'no-wall';
    case SharesAboveAll = 'shares-above-all';
    case TooManyObjects = 'too-many-objects';
    case NoRoom = 'no-room';
    case SeriesOrder = 'series-order';
    case RoomTemperature = 'room-temperature';
    case RoomInKelvin = 'room-temperature.kelvin';
    case HoursOrder = 'hours-order';
    case UnknownDay = 'day';
    case ClockTime = 'clock-time';
    case TooManyEntries = 'too-many-entries';
    case NotComputable = 'not-computable';

    // What happened.
    case SameEvent = 'same-id.event';
    case UnknownEvent = 'unknown-event';
    case TakenBackAgain = 'taken-back-again';
    case UnknownPour = 'unknown-pour';
    case NotWhole = 'not-whole';
    case TimeTwice = 'time-twice';
    case HourWanted = 'hour-wanted';
    case EventToCome = 'event.to-come';
    case EventEndsFirst = 'event.ends-first';
    case EventNotPoured = 'event.not-poured';
    case EventLowerFirst = 'event.lower-first';
    case EventAgain = 'event.again';
    case HeatNotComputable = 'not-computable.heat';

    // Layers.
    case TooManyPours = 'too-many-pours';
    case FillNotDivisible = 'fill-not-divisible';
    case PinsLeaveNoRoom = 'pins-leave-no-room';
    case StandsOut = 'uncovered.stands-out';
    case Uncovered = 'uncovered';
    case FloatsOffAnyPour = 'floats-off.any-pour';
    case FloatsOff = 'floats-off';
    case NoLayerInReach = 'no-layer.in-reach';
    case NoThinLayerInReach = 'no-layer.in-reach-thin';
    case NoLayer = 'no-layer';
    case NoWholeCoat = 'no-layer.whole-coat';
    case NeverThick = 'never-thick';
    case LayersConflict = 'layers-conflict';
    case LayersConflictAfloat = 'layers-conflict.afloat';
    case NoLayersTogether = 'no-layers-together';
    case WouldDoLower = 'would-do.lower';
    case WouldDoHigher = 'would-do.higher';
    case WouldDoTolerant = 'would-do.tolerant';
    case WouldDoInTack = 'would-do.in-tack';
    case WouldDoThick = 'would-do.thick';
    case WouldDoHung = 'would-do.hung';
    case WouldDoUnpinned = 'would-do.unpinned';
    case WouldDoWithResin = 'would-do.with-resin';
    case HotterWouldDo = 'hotter-would-do';
    case OutsideVessel = 'outside-vessel';
    case ObjectsOverlap = 'objects-overlap';
    case DryFirst = 'dry-first';
    case SealBleeding = 'seal-first.bleeds';
    case SealSoaking = 'seal-first.soaks';
    case SealPorous = 'seal-first';
    case LeftBare = 'left-bare';
    case BelowLeastPour = 'below-least-pour';
    case AboveGreatestPour = 'above-greatest-pour';
    case RunsOff = 'runs-off';
    case OpenSideSeen = 'open-side-seen';
    case SheetShort = 'sheet-short';
    case UnderFilled = 'under-filled';
    case OverFilled = 'over-filled';
    case RatioError = 'ratio-error';
    case RatioRefused = 'ratio-refused';
    case RatioErrorAtMarks = 'ratio-error.marks';
    case MuchLeft = 'much-left';
    case SeveralMixes = 'several-mixes';
    case CupTooHeavy = 'cup-too-heavy';
    case CupTooSmall = 'cup-too-heavy.small';

    // Use, vessel and bench.
    case HeatRating = 'heat-rating';
    case HeatRatingUnsaid = 'heat-rating.unsaid';
    case TooThin = 'too-thin';
    case HoleTooDeep = 'hole-too-deep';
    case UnderFitting = 'under-fitting';
    case AppliedUnderFitting = 'under-fitting.applied';
    case Tilted = 'tilted';
    case RunsOver = 'runs-over';
    case TestFirst = 'test-first';
    case SolventsUnsaid = 'solvents';
    case FlameScars = 'flame';
    case FlameOnInk = 'flame.ink';

    // Colours.
    case ColourShare = 'colour-share';
    case ColourShareMeant = 'colour-share.meant';
    case ColourSoftens = 'colour-softens';
    case ColourSolvent = 'colour-solvent';
    case MuddyCup = 'muddies.in-cup';
    case MuddyEdge = 'muddies';
    case MuddyDrops = 'muddies.drops';
    case RegionNowhere = 'region-nowhere';
    case RegionOverfull = 'region-invades.no-room';
    case RegionInvades = 'region-invades';
    case RegionInvaded = 'region-invades.invaded';
    case RunsTogether = 'runs-together';
    case EffectHidden = 'effect-hidden';
    case EffectFaint = 'effect-faint';
    case BlendsIn = 'blends-in';
    case ObjectBlendsIn = 'blends-in.object';

    // Heat, cure and clock.
    case Runaway = 'runaway';
    case RunawayAnyDepth = 'runaway.any-depth';
    case TooHot = 'too-hot';
    case TooHotAnyDepth = 'too-hot.any-depth';
    case TooHotForLayers = 'too-hot.for-layers';
    case TooHotEverywhere = 'too-hot.everywhere';
    case TooHotRoom = 'too-hot.room';
    case TooHotSoFar = 'too-hot.so-far';
    case ObjectTooHot = 'object-too-hot';
    case SheetRunsHot = 'sheet-runs-hot';
    case NoGel = 'no-gel';
    case CompartmentNoGel = 'no-gel.compartment';
    case NoFullCure = 'no-full-cure';
    case StopsShort = 'stops-short';
    case OnLiquid = 'on-liquid';
    case OnLiquidForGood = 'on-liquid.for-good';
    case OnLiquidThen = 'on-liquid.then';
    case RecoatAssumed = 'recoat-assumed';
    case WetMissed = 'wet-missed';
    case BeforeRecoat = 'before-recoat';
    case BeforeRecoatThen = 'before-recoat.then';
    case RecoatMissed = 'recoat-missed';
    case RecoatMissedThen = 'recoat-missed.then';
    case SearchEnded = 'search-ended';
    case NoTime = 'no-time';
    case NoTimeToApply = 'no-time-to-apply';
    case OutrunsWorking = 'outruns-working';
    case OutrunsWorkingAlone = 'outruns-working.alone';
    case OutrunsWorkingFar = 'outruns-working.far';
    case OutsideHours = 'outside-hours';
    case OutsideHoursLate = 'outside-hours.late';
    case DueMissed = 'due-missed';
    case InTimeOtherwise = 'in-time.otherwise';
    case InTimeAtAnyHour = 'in-time.at-any-hour';
    case NeverInTime = 'in-time.never';
    case HoldNotReady = 'hold-not-ready';
    case StrewnIsSanded = 'strewn-is-sanded';
    case NotReady = 'not-ready';
    case CompartmentNotSet = 'compartment-not-set';
    case GroundNotReady = 'ground-not-ready';
    case SealsSlowly = 'seals-slowly';
    case HoursWithoutStart = 'hours-without-start';
    case HoursAssumed = 'hours-assumed';
    case DriftsSooner = 'drifts';
    case DriftsAnyway = 'drifts.anyway';

    /** What programs rely on. */
    public function word(): string
    {
        return explode('.', $this->value)[0];
    }

    /** The same of a pour that was poured so. */
    public function then(): self
    {
        return match ($this) {
            self::OnLiquid     => self::OnLiquidThen,
            self::BeforeRecoat => self::BeforeRecoatThen,
            self::RecoatMissed => self::RecoatMissedThen,
            default            => $this,
        };
    }

    public function weight(): Weight
    {
        return match ($this->word()) {
            'recoat-missed', 'ratio-error', 'sheet-runs-hot', 'under-filled', 'below-least-pour',
            'heat-rating', 'test-first', 'tilted', 'flame', 'solvents',
            'effect-faint', 'blends-in', 'muddies', 'region-invades', 'colour-share', 'colour-solvent', 'outside-hours',
            'several-mixes', 'much-left', 'not-ready', 'hold-not-ready', 'compartment-not-set',
            'wet-missed', 'due-missed', 'drifts', 'stops-short',
            'outruns-working' => Weight::Look,
            'hours-without-start',
            'would-do', 'hotter-would-do', 'in-time',
            'search-ended', 'hours-assumed', 'left-bare', 'open-side-seen', 'recoat-assumed', 'sheet-short', 'seals-slowly',
            'ground-not-ready', 'dry-first', 'runs-together' => Weight::Told,
            default => Weight::Spoils,
        };
    }

    /** The question of the verdict that it answers; none for what keeps a file from being read. */
    public function question(): ?Question
    {
        return match ($this->word()) {
            'uncovered', 'floats-off', 'no-layer', 'never-thick', 'layers-conflict', 'no-layers-together', 'fill-not-divisible',
            'too-many-pours', 'pins-leave-no-room', 'outside-vessel', 'would-do',
            'objects-overlap', 'left-bare', 'seal-first', 'dry-first', 'under-filled', 'over-filled', 'below-least-pour',
            'above-greatest-pour', 'tilted', 'search-ended',
            'runs-over', 'runs-off', 'drifts' => Question::Hangs,
            'too-hot', 'runaway', 'object-too-hot', 'sheet-runs-hot', 'not-computable', 'no-gel',
            'no-full-cure', 'hotter-would-do' => Question::Cools,
            'no-time', 'in-time', 'outruns-working',
            'on-liquid', 'wet-missed', 'recoat-assumed', 'before-recoat', 'recoat-missed', 'no-time-to-apply', 'strewn-is-sanded',
            'hold-not-ready', 'outside-hours',
            'hours-without-start', 'hours-assumed', 'not-ready', 'ground-not-ready', 'compartment-not-set', 'due-missed',
            'seals-slowly', 'stops-short' => Question::Fits,
            'heat-rating', 'too-thin', 'hole-too-deep', 'under-fitting', 'test-first', 'flame', 'solvents',
            'open-side-seen', 'sheet-short' => Question::Suits,
            'effect-hidden', 'effect-faint', 'blends-in', 'muddies', 'region-invades', 'region-nowhere', 'runs-together', 'colour-share',
            'colour-softens', 'colour-solvent' => Question::Shows,
            'ratio-error', 'ratio-refused', 'much-left', 'several-mixes', 'cup-too-heavy' => Question::Weighs,
            default => null,
        };
    }

    /** Whether a piece that was found so cannot be cast. */
    public function isImpossible(): bool
    {
        return in_array($this->word(), ['objects-overlap', 'outside-vessel', 'uncovered', 'ratio-refused', 'never-thick'], true);
    }

    /** Whether the drawings mark it at the object itself. */
    public function isAtObject(): bool
    {
        return in_array($this->word(), ['objects-overlap', 'outside-vessel', 'uncovered', 'under-fitting'], true);
    }
}
