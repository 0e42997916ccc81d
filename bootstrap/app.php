<?php

declare(strict_types=1);

use App\Http\Middleware\LeavesSession;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Refusal;
use App\Http\Requests\NoPlan;
use App\Models\ChangedMeanwhile;
use App\Models\NoRoom;
use App\Turns\NoTurn;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\PlanRefused;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(SecurityHeaders::class);
        $middleware->append(ReadableInput::class);
        // Before a piece is looked for that may be gone: an answer that it is not there must leave the session alone too.
        $middleware->prependToPriorityList(SubstituteBindings::class, LeavesSession::class);
        $middleware->redirectGuestsTo(fn(): string => route('sign-in', absolute: false));
        $middleware->redirectUsersTo(fn(): string => route('pieces.index', absolute: false));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->map(fn(PlanRefused $refusal): Throwable => NoPlan::because($refusal));
        // Whoever only looks is told on the page itself: where it would send back to may be here.
        $exceptions->render(fn(ValidationException $refusal, Request $request) => NoPlan::isWhy($refusal)
            && $request->isMethod('GET') && !$request->headers->has('HX-Request')
            ? response()->view('pieces.unread', ['piece' => $request->route('piece'), 'reasons' => $refusal->errors()['plan']], 409)
            : null);
        // htmx follows redirects silently, so it is told what is wrong where it asked.
        $exceptions->render(fn(ValidationException $refusal, Request $request) => $request->headers->has('HX-Request')
            ? response()->view('partials.refusal', ['messages' => $refusal->errors()], 422, Refusal::HEADERS)
            : null);
        // Nothing leads to the address of a part of a page, nor shows a page inside a page.
        $exceptions->render(fn(AuthenticationException $ended, Request $request) => $request->headers->has('HX-Request')
            ? Refusal::ended($request, 'signed-out', Response::HTTP_UNAUTHORIZED)
            : null);
        // Of a query, or of the end of a transaction.
        $exceptions->map(fn(PDOException $failure): Throwable => match (true) {
            NoRoom::isMeantBy($failure)                       => NoRoom::for('that'),
            str_contains($failure->getMessage(), 'is locked') => new HttpException(Response::HTTP_LOCKED, previous: $failure),
            default                                           => $failure,
        });
        $exceptions->map(fn(ErrorException $failure): Throwable => NoRoom::isMeantBy($failure) ? NoRoom::for('that') : $failure);
        $exceptions->render(fn(NoRoom $refusal, Request $request) => $request->headers->has('HX-Request')
            ? response('', Response::HTTP_INSUFFICIENT_STORAGE)
            : response()->view('errors.507', [], Response::HTTP_INSUFFICIENT_STORAGE));
        $exceptions->render(fn(NoTurn $busy, Request $request) => (
            $request->headers->has('HX-Request')
            ? response()->view('partials.refusal', ['messages' => [__('said.refused.busy')]], Response::HTTP_SERVICE_UNAVAILABLE)
                ->withHeaders(Refusal::HEADERS)
            : response()->view('errors.busy', [], Response::HTTP_SERVICE_UNAVAILABLE)->header('Refresh', (string) NoTurn::AGAIN)
        )->header('Retry-After', (string) NoTurn::AGAIN));
        $exceptions->render(fn(ChangedMeanwhile $refusal, Request $request) => $request->headers->has('HX-Request')
            ? response('', Response::HTTP_CONFLICT)
            : redirect()->route('pieces.show', $refusal->piece)->withErrors(['of' => __('said.refused.409')]));
        $exceptions->respond(fn(
            Response $response,
            Throwable $failure,
            Request $request,
        ): Response => Refusal::forHtmx($response, $request));
    })
    ->create();
