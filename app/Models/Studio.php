<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\Palette;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Pensilis\PlanFile\PlainResins;
use Pensilis\Quantity\UnitSystem;

/**
 * A workshop: what belongs to it is seen by its members only.
 *
 * @property int                  $id
 * @property string               $name
 * @property UnitSystem           $units
 * @property string               $zone     time zone, as the IANA names it; none before the first sign-in
 * @property array<string, mixed> $defaults what new pieces begin with
 */
final class Studio extends Model
{
    /** Mixes that the running median looks at, and how many make one. */
    private const REMEMBERED = 15;

    private const ENOUGH = 3;

    private const SHOWN = 200;

    protected $fillable = ['name', 'units', 'zone', 'defaults'];

    protected $attributes = ['defaults' => '{}', 'zone' => ''];

    /** @return array<string, string> what a form shows of it */
    public function shown(): array
    {
        return ['name' => $this->name, 'units' => $this->units->value, 'zone' => $this->zone];
    }

    /** What its clock shows. */
    public function now(): Carbon
    {
        return $this->local(now());
    }

    public function local(Carbon $moment): Carbon
    {
        return $this->zone === '' ? $moment : $moment->copy()->setTimezone($this->zone);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class)->chaperone('studio');
    }

    /** @return HasMany<Vessel, $this> */
    public function vessels(): HasMany
    {
        return $this->hasMany(Vessel::class);
    }

    /** @return HasMany<Mixing, $this> */
    public function mixings(): HasMany
    {
        return $this->hasMany(Mixing::class);
    }

    /** @return HasMany<Supply, $this> */
    public function supplies(): HasMany
    {
        return $this->hasMany(Supply::class);
    }

    public function stock(): Stock
    {
        return new Stock($this->id);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class);
    }

    /** @return array<string, array<string, mixed>> colours that a piece may take: those on the shelf, then the palette, by key */
    public function palette(): array
    {
        $colours = [];
        foreach ($this->supplies()->where('kind', SupplyKind::Colour)->orderBy('name')->limit(self::SHOWN)->get() as $supply) {
            $colours["shelf-{$supply->id}"] = $supply->inPlan()->colour();
        }

        $named = array_column($colours, 'name');
        foreach (Palette::COLOURS as $colour) {
            $colours += in_array($colour['name'], $named, true) ? [] : [$colour['id'] => $colour];
        }

        return $colours;
    }

    /** @return array<string, array<string, mixed>> resins that a piece may be of: plain kinds, then those on the shelf, by key */
    public function resins(): array
    {
        $resins = PlainResins::ALL;
        foreach ($this->supplies()->where('kind', SupplyKind::Resin)->orderBy('name')->limit(self::SHOWN)->get() as $supply) {
            $resins["shelf-{$supply->id}"] = $supply->inPlan()->resin();
        }

        return $resins;
    }

    /**
     * What came of the mixes of a resin, as far as it was said.
     *
     * @return array<string, array<string, int>> how many mixes, by "bubbles" or "clarity" and by what was said
     */
    public function cameOut(string $resin): array
    {
        $said = [];
        foreach (['bubbles', 'clarity'] as $what) {
            $counted = $this->mixings()->where('resin', $resin)->whereNotNull($what)->groupBy($what)
                ->selectRaw("{$what} as said, count(*) as mixes")->toBase()->get();
            foreach ($counted as $one) {
                $said[$what][is_string($one->said) ? $one->said : ''] = is_numeric($one->mixes) ? (int) $one->mixes : 0;
            }
        }

        return $said;
    }

    /** What cup and stick keep: the median of the last mixes, g; null before there are three. */
    public function cupLoss(): ?float
    {
        $kept = $this->mixings()->latest('id')->limit(self::REMEMBERED)->pluck('kept_g');

        return $kept->count() < self::ENOUGH ? null : round((float) $kept->median(), 1);
    }

    /** @return HasMany<Finding, $this> */
    public function findings(): HasMany
    {
        return $this->hasMany(Finding::class);
    }

    /** @return HasMany<User, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['units' => UnitSystem::class, 'defaults' => 'array'];
    }
}
