<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Http\Requests\UploadPlan;
use App\Interchange\PlanFile\PlanFile;
use App\Models\KeptMeshes;
use App\Models\Piece;
use App\Models\RecordFile;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A piece as its plan file: down and up. */
final class PlanFileController extends Controller
{
    public function show(Piece $piece, KeptMeshes $meshes): Response
    {
        $name = Str::slug($piece->title) === '' ? 'piece' : Str::slug($piece->title);

        $happened = RecordFile::write($piece);
        $document = $piece->document + ($happened === [] ? [] : ['record' => ['events' => $happened]]);

        return self::away(PlanFile::write($meshes->embed($document)), 'application/json; charset=utf-8', "{$name}.pensilis.json");
    }

    public function store(UploadPlan $request): RedirectResponse
    {
        $meshes = new KeptMeshes($this->studio()->id);
        $document = $request->document($meshes, $this->studio()->units);
        $piece = $this->studio()->pieces()->make()->hold($document);
        DB::transaction(function () use ($meshes, $piece, $document): void {
            $meshes->keepEmbedded();
            $piece->save();
            RecordFile::read($piece, $document);
        });

        return self::to($piece)->with('said', __('said.file-read'));
    }
}
