<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Controllers\Controller;
use App\Http\Requests\EditDefaults;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** What new pieces of a studio begin with. */
final class DefaultsController extends Controller
{
    public function update(EditDefaults $request): RedirectResponse
    {
        DB::transaction(function () use ($request): void {
            $studio = $this->studio()->refresh();
            $studio->update(['defaults' => $request->defaultsOf($studio)]);
        });

        return redirect()->to(route('studio', absolute: false) . '#defaults')->with('said', __('said.defaults-kept'));
    }
}
