<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Controllers\Controller;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Members of a studio: one less. A studio keeps its last. */
final class MemberController extends Controller
{
    public function destroy(User $member): RedirectResponse
    {
        $studio = $this->studio();
        $isLast = DB::transaction(fn(): bool => $studio->members()->count() < 2 || $member->delete() !== true);
        if ($isLast) {
            return redirect()->route('studio')->withErrors(['member' => __('asked.member.last')]);
        }
        if (!$member->is($this->member())) {
            return redirect()->route('studio')->with('said', __('said.member-gone', ['email' => $member->email]));
        }
        Auth::logout();

        return redirect()->route('sign-in')->with('said', __('said.left', ['studio' => $studio->name]));
    }
}
