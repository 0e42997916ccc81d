<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A way into a studio for one address, for a few days, once. Only a hash of its token is kept.
 *
 * @property int         $id
 * @property int         $studio_id
 * @property string      $email
 * @property Carbon      $expires_at
 * @property Carbon|null $accepted_at
 * @property Studio      $studio
 */
final class Invitation extends Model
{
    protected $fillable = ['email', 'token_hash', 'expires_at', 'accepted_at'];

    /** @return array{self, string} the invitation and the token that is mailed and never kept */
    public static function issue(Studio $studio, string $email): array
    {
        $token = Str::random(48);
        $invitation = $studio->invitations()->create([
            'email'      => mb_strtolower($email),
            'token_hash' => hash('sha256', $token),
            'expires_at' => now()->addDays(config()->integer('pensilis.invitation_days')),
        ]);

        return [$invitation, $token];
    }

    /** The invitation that a token still opens. */
    public static function openedBy(string $token): ?self
    {
        return self::query()->with('studio')
            ->where('token_hash', hash('sha256', $token))
            ->whereNull('accepted_at')
            ->where('expires_at', '>', now())
            ->first();
    }

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'accepted_at' => 'datetime'];
    }
}
