<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Steps of a pour sheet that are done. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('piece_id')->constrained()->cascadeOnDelete();
            $table->string('step', 160);
            $table->timestamps();
            $table->unique(['piece_id', 'step']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('ticks');
    }
};
