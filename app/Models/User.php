<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Account;
use Illuminate\Notifications\Notifiable;

/**
 * Somebody who signs in, member of one studio.
 *
 * @property int    $id
 * @property int    $studio_id
 * @property string $email
 * @property Studio $studio
 */
final class User extends Account
{
    use Notifiable;

    protected $fillable = ['studio_id', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
