<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('vessels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->longText('document');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::table('pieces', function (Blueprint $table): void {
            $table->foreignId('vessel_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('findings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 60);
            $table->string('name', 60);
            $table->date('found_on');
            $table->text('figures');
            $table->string('sealing', 200)->default('');
            $table->string('colour', 200)->default('');
            $table->text('note');
            $table->timestamps();
            $table->index(['studio_id', 'kind']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('findings');
        Schema::table('pieces', fn(Blueprint $table) => $table->dropConstrainedForeignId('vessel_id'));
        Schema::dropIfExists('vessels');
    }
};
