<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Pensilis\Quantity\UnitSystem;

/**
 * A workshop: what belongs to it is seen by its members only.
 *
 * @property int        $id
 * @property string     $name
 * @property UnitSystem $units
 */
final class Studio extends Model
{
    protected $fillable = ['name', 'units'];

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class);
    }

    /** @return HasMany<Vessel, $this> */
    public function vessels(): HasMany
    {
        return $this->hasMany(Vessel::class);
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
        return ['units' => UnitSystem::class];
    }
}
