<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AcceptedInvitationController;
use App\Http\Controllers\Account\OwnPasswordController;
use App\Http\Controllers\Account\PasswordController;
use App\Http\Controllers\Account\SessionController;
use App\Http\Controllers\Account\SignInController;
use App\Http\Controllers\Day\DayController;
use App\Http\Controllers\Day\TodayController;
use App\Http\Controllers\Orders\OrderController;
use App\Http\Controllers\Orders\OrderedPieceController;
use App\Http\Controllers\Orders\OrderTableController;
use App\Http\Controllers\Parts\AmountController;
use App\Http\Controllers\Parts\ColourController;
use App\Http\Controllers\Parts\DamController;
use App\Http\Controllers\Parts\FittingController;
use App\Http\Controllers\Parts\HoleController;
use App\Http\Controllers\Parts\LetteringController;
use App\Http\Controllers\Parts\MeshController;
use App\Http\Controllers\Parts\ObjectController;
use App\Http\Controllers\Parts\OutlineController;
use App\Http\Controllers\Parts\PinController;
use App\Http\Controllers\Parts\PourChoiceController;
use App\Http\Controllers\Parts\RecipeController;
use App\Http\Controllers\Parts\RegionController;
use App\Http\Controllers\Parts\ResinController;
use App\Http\Controllers\Pieces\CalendarController;
use App\Http\Controllers\Pieces\HeatController;
use App\Http\Controllers\Pieces\MendController;
use App\Http\Controllers\Pieces\PhotographController;
use App\Http\Controllers\Pieces\PieceController;
use App\Http\Controllers\Pieces\PieceCopyController;
use App\Http\Controllers\Pieces\PieceSupplyController;
use App\Http\Controllers\Pieces\PlanFileController;
use App\Http\Controllers\Pieces\RecordController;
use App\Http\Controllers\Pieces\ReferenceController;
use App\Http\Controllers\Pieces\SheetController;
use App\Http\Controllers\Pieces\StepController;
use App\Http\Controllers\Pieces\TemplateController;
use App\Http\Controllers\Pieces\TickController;
use App\Http\Controllers\Pieces\TrashedPieceController;
use App\Http\Controllers\Pieces\WayController;
use App\Http\Controllers\Pours\CureController;
use App\Http\Controllers\Pours\MixingController;
use App\Http\Controllers\Pours\PourController;
use App\Http\Controllers\Shelf\FindingController;
use App\Http\Controllers\Shelf\FitController;
use App\Http\Controllers\Shelf\GelTimeController;
use App\Http\Controllers\Shelf\ImpliedController;
use App\Http\Controllers\Shelf\MaterialController;
use App\Http\Controllers\Shelf\SupplyController;
use App\Http\Controllers\Shelf\SupplyTableController;
use App\Http\Controllers\Shelf\VesselController;
use App\Http\Controllers\Studio\DefaultsController;
use App\Http\Controllers\Studio\FeedController;
use App\Http\Controllers\Studio\InvitationController;
use App\Http\Controllers\Studio\MemberController;
use App\Http\Controllers\Studio\StudioController;
use App\Http\Middleware\LeavesSession;
use App\Http\Middleware\PressedOnce;
use App\Http\Middleware\StillSignedIn;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/today');

Route::get('/feeds/{feed}.ics', [FeedController::class, 'show'])->where('feed', '[A-Za-z0-9]+')->middleware('throttle:30,1')->name('feed');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SessionController::class, 'store']);
    Route::get('/forgotten', [PasswordController::class, 'create'])->name('password.request');
    Route::post('/forgotten', [PasswordController::class, 'store'])->middleware('throttle:account')->name('password.email');
    Route::get('/new-password/{token}', [PasswordController::class, 'edit'])->name('password.reset');
    Route::put('/new-password', [PasswordController::class, 'update'])->middleware('throttle:account')->name('password.update');
    Route::get('/invitation/{token}', [AcceptedInvitationController::class, 'create'])->name('invitation');
    Route::post('/invitation/{token}', [AcceptedInvitationController::class, 'store'])->middleware('throttle:account');
});

Route::middleware(['auth', StillSignedIn::class, PressedOnce::class])->group(function (): void {
    Route::delete('/session', [SessionController::class, 'destroy'])->name('sign-out');

    Route::get('/today', [TodayController::class, 'show'])->name('today');

    Route::get('/studio', [StudioController::class, 'edit'])->name('studio');
    Route::patch('/studio/defaults', [DefaultsController::class, 'update'])->name('studio.defaults');
    Route::patch('/studio', [StudioController::class, 'update']);
    Route::post('/studio/invitations', [InvitationController::class, 'store'])->middleware('throttle:10,1')->name('invitations.store');
    Route::delete('/studio/invitations/{openInvitation}', [InvitationController::class, 'destroy'])->name('invitations.destroy');
    Route::delete('/studio/members/{member}', [MemberController::class, 'destroy'])->name('members.destroy');
    Route::delete('/sign-ins/{signIn}', [SignInController::class, 'destroy'])->name('sign-ins.destroy');
    Route::post('/feed', [FeedController::class, 'store'])->middleware('throttle:10,1')->name('feed.store');
    Route::delete('/feed', [FeedController::class, 'destroy'])->name('feed.destroy');
    Route::put('/password', [OwnPasswordController::class, 'update'])->middleware('throttle:10,1')->name('password.own');

    Route::get('/shelf', [VesselController::class, 'index'])->name('shelf');
    Route::get('/shelf/{kind}', [SupplyController::class, 'index'])->name('supplies');
    Route::post('/shelf/{kind}', [SupplyController::class, 'store'])->name('supplies.store');
    Route::get('/shelf/{kind}/table.csv', [SupplyTableController::class, 'show'])->name('supplies.table');
    Route::post('/shelf/{kind}/table', [SupplyTableController::class, 'store'])->name('supplies.table.store');
    Route::get('/supplies/{supply}', [SupplyController::class, 'edit'])->name('supplies.edit');
    Route::post('/supplies/{supply}/gel-times', [GelTimeController::class, 'store'])->name('gel-times.store');
    Route::delete('/supplies/{supply}/gel-times', [GelTimeController::class, 'destroy'])->name('gel-times.destroy');
    Route::put('/supplies/{supply}/fit', [FitController::class, 'store'])->name('fits.store');
    Route::delete('/supplies/{supply}/fit', [FitController::class, 'destroy'])->name('fits.destroy');
    Route::get('/supplies/{supply}/implied', [ImpliedController::class, 'show'])->name('supplies.implied');
    Route::patch('/supplies/{supply}', [SupplyController::class, 'update'])->name('supplies.update');
    Route::delete('/supplies/{supply}', [SupplyController::class, 'destroy'])->name('supplies.destroy');
    Route::put('/supplies/{goneSupply}', [SupplyController::class, 'restore'])->name('supplies.restore');
    Route::delete('/recipes/{recipe}', [RecipeController::class, 'destroy'])->name('recipes.destroy');
    Route::post('/pieces/{piece}/vessel', [VesselController::class, 'store'])->name('vessels.store');
    Route::patch('/shelf/vessels/{vessel}', [VesselController::class, 'update'])->name('vessels.update');
    Route::delete('/shelf/vessels/{vessel}', [VesselController::class, 'destroy'])->name('vessels.destroy');
    Route::put('/shelf/vessels/{goneVessel}', [VesselController::class, 'restore'])->name('vessels.restore');

    Route::get('/orders', [OrderController::class, 'index'])->name('orders');
    Route::post('/orders', [OrderController::class, 'store'])->name('orders.store');
    Route::get('/orders/table.csv', [OrderTableController::class, 'show'])->name('orders.table');
    Route::post('/orders/table', [OrderTableController::class, 'store'])->name('orders.table.store');
    Route::patch('/orders/{order}', [OrderController::class, 'update'])->name('orders.update');
    Route::delete('/orders/{order}', [OrderController::class, 'destroy'])->name('orders.destroy');
    Route::put('/orders/{goneOrder}', [OrderController::class, 'restore'])->name('orders.restore');
    Route::post('/orders/{order}/piece', [OrderedPieceController::class, 'store'])->name('orders.piece');

    Route::post('/materials/findings', [FindingController::class, 'store'])->name('findings.store');
    Route::delete('/materials/findings/{finding}', [FindingController::class, 'destroy'])->name('findings.destroy');
    Route::get('/materials', [MaterialController::class, 'index'])->name('materials');

    Route::get('/pieces', [PieceController::class, 'index'])->name('pieces.index');
    Route::post('/pieces', [PieceController::class, 'store'])->name('pieces.store');
    Route::post('/pieces/files', [PlanFileController::class, 'store'])->name('pieces.files.store');
    Route::get('/pieces/{piece}', [PieceController::class, 'show'])->name('pieces.show');
    Route::patch('/pieces/{piece}', [PieceController::class, 'update'])->name('pieces.update');
    Route::delete('/pieces/{piece}', [PieceController::class, 'destroy'])->name('pieces.destroy');
    Route::get('/pieces/{piece}/heat', [HeatController::class, 'show'])->name('pieces.heat')->middleware(LeavesSession::class);
    Route::get('/pieces/{piece}/pours/{pour}', [PourController::class, 'show'])->name('pours.show');
    Route::get('/pieces/{piece}/pours/{pour}/cure', [CureController::class, 'show'])->name('pours.cure');
    Route::post('/pieces/{piece}/pours/{pour}/mixings', [PourController::class, 'store'])->name('pours.mixings.store');
    Route::patch('/mixings/{mixing}', [MixingController::class, 'update'])->name('mixings.update');
    Route::delete('/mixings/{mixing}', [MixingController::class, 'destroy'])->name('mixings.destroy');
    Route::post('/pieces/{piece}/pours', [PourChoiceController::class, 'store'])->name('pieces.pours.store');
    Route::get('/pieces/{piece}/ways', [WayController::class, 'show'])->name('pieces.ways');
    Route::post('/pieces/{piece}/ways', [WayController::class, 'store'])->name('pieces.ways.store');
    Route::post('/pieces/{piece}/day', [DayController::class, 'store'])->name('pieces.day');
    Route::get('/pieces/{piece}/calendar', [CalendarController::class, 'show'])->name('pieces.calendar');
    Route::get('/pieces/{piece}/sheet', [SheetController::class, 'show'])->name('pieces.sheet');
    Route::patch('/pieces/{piece}/sheet', [TickController::class, 'update'])->name('pieces.ticks');
    Route::get('/pieces/{piece}/template', [TemplateController::class, 'show'])->name('pieces.template');
    Route::get('/pieces/{piece}/reference', [ReferenceController::class, 'edit'])->name('pieces.reference');
    Route::post('/pieces/{piece}/reference', [ReferenceController::class, 'store'])->name('pieces.reference.store');
    Route::patch('/pieces/{piece}/reference', [ReferenceController::class, 'update'])->name('pieces.reference.update');
    Route::delete('/pieces/{piece}/reference', [ReferenceController::class, 'destroy'])->name('pieces.reference.destroy');
    Route::get('/pieces/{piece}/reference.jpg', [ReferenceController::class, 'show'])->name('pieces.reference.show');
    Route::get('/pieces/{piece}/photograph', [PhotographController::class, 'edit'])->name('pieces.photograph');
    Route::post('/pieces/{piece}/photograph', [PhotographController::class, 'store'])->name('pieces.photograph.store');
    Route::patch('/pieces/{piece}/photograph', [PhotographController::class, 'update'])->name('pieces.photograph.update');
    Route::delete('/pieces/{piece}/photograph', [PhotographController::class, 'destroy'])->name('pieces.photograph.destroy');
    Route::get('/pieces/{piece}/photograph.jpg', [PhotographController::class, 'show'])->name('pieces.photograph.show');
    Route::get('/pieces/{piece}/record', [RecordController::class, 'show'])->name('pieces.record');
    Route::post('/pieces/{piece}/record', [RecordController::class, 'store'])->name('pieces.record.store');
    Route::delete('/pieces/{piece}/record/{event}', [RecordController::class, 'destroy'])->name('pieces.record.destroy');
    Route::get('/pieces/{piece}/file', [PlanFileController::class, 'show'])->name('pieces.file');
    Route::post('/pieces/{piece}/copies', [PieceCopyController::class, 'store'])->name('pieces.copies.store');
    Route::get('/pieces/{piece}/objects/{object}', [ObjectController::class, 'show'])->where('object', '[0-9]{1,3}')
        ->name('pieces.objects.show');
    Route::post('/pieces/{piece}/objects', [ObjectController::class, 'store'])->name('pieces.objects.store');
    Route::post('/pieces/{piece}/objects/repeat', [ObjectController::class, 'repeat'])->name('pieces.objects.repeat');
    Route::patch('/pieces/{piece}/objects', [ObjectController::class, 'update'])->name('pieces.objects.update');
    Route::delete('/pieces/{piece}/objects', [ObjectController::class, 'destroy'])->name('pieces.objects.destroy');
    Route::post('/pieces/{piece}/fittings', [FittingController::class, 'store'])->name('pieces.fittings.store');
    Route::delete('/pieces/{piece}/fittings', [FittingController::class, 'destroy'])->name('pieces.fittings.destroy');
    Route::post('/pieces/{piece}/meshes', [MeshController::class, 'store'])->name('pieces.meshes.store');
    Route::post('/pieces/{piece}/holes', [HoleController::class, 'store'])->name('pieces.holes.store');
    Route::post('/pieces/{piece}/photograph/dam', [DamController::class, 'store'])->name('pieces.dam.store');
    Route::post('/pieces/{piece}/outlines', [OutlineController::class, 'store'])->name('pieces.outlines.store');
    Route::post('/pieces/{piece}/colours', [ColourController::class, 'store'])->name('pieces.colours.store');
    Route::delete('/pieces/{piece}/colours', [ColourController::class, 'destroy'])->name('pieces.colours.destroy');
    Route::post('/pieces/{piece}/supplies', [PieceSupplyController::class, 'store'])->name('pieces.supplies.store');
    Route::post('/pieces/{piece}/pours/{pour}/recipe', [RecipeController::class, 'store'])->name('recipes.store');
    Route::put(
        '/pieces/{piece}/pours/{pour}/recipe',
        [RecipeController::class, 'update'],
    )->name('pieces.recipes.update');
    Route::post('/pieces/{piece}/regions', [RegionController::class, 'store'])->name('pieces.regions.store');
    Route::put('/pieces/{piece}/pours/{pour}/lettering', [LetteringController::class, 'update'])->whereNumber('pour')
        ->name('pieces.lettering.update');
    Route::patch('/pieces/{piece}/regions', [RegionController::class, 'update'])->name('pieces.regions.update');
    Route::delete('/pieces/{piece}/regions', [RegionController::class, 'destroy'])->name('pieces.regions.destroy');
    Route::post('/pieces/{piece}/mends', [MendController::class, 'store'])->name('pieces.mends.store');
    Route::post('/pieces/{piece}/steps', [StepController::class, 'store'])->name('pieces.steps.store');
    Route::put('/pieces/{piece}/pours', [PourChoiceController::class, 'times'])->name('pieces.pours.times');
    Route::put('/pieces/{piece}/amount', [AmountController::class, 'update'])->name('pieces.amount');
    Route::post('/pieces/{piece}/pins', [PinController::class, 'store'])->name('pieces.pins.store');
    Route::put('/pieces/{piece}/pins', [PinController::class, 'update'])->name('pieces.pins.update');
    Route::delete('/pieces/{piece}/pins', [PinController::class, 'destroy'])->name('pieces.pins.destroy');
    Route::post('/pieces/{piece}/resins', [ResinController::class, 'store'])->name('pieces.resins.store');
    Route::delete('/pieces/{piece}/resins', [ResinController::class, 'destroy'])->name('pieces.resins.destroy');
    Route::patch('/pieces/{piece}/pours/{pour}', [PourChoiceController::class, 'update'])->name('pieces.pours.update');
    Route::delete('/pieces/{piece}/pours', [PourChoiceController::class, 'destroy'])->name('pieces.pours.destroy');
    Route::put('/trash/{trashed}', [TrashedPieceController::class, 'update'])->name('trash.update');
});
