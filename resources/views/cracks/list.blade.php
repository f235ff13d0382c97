@if($view->indications !== [])
<h2>Indications</h2>
@foreach($view->indications as $one)
<article class="indication line {{ $one->state }}" id="indication-{{ $one->id }}">
    <h3><i aria-hidden="true">{{ $one->sign }}</i> {{ $one->number }}. {{ ucfirst($one->classification) }}</h3>
    <p>
        <a href="/jobs/{{ $file->job->tag() }}/cracks?face={{ urlencode($one->face) }}">{{ ucfirst($one->where) }}</a> ·
        {{ $one->looks }}@if($one->remark !== '') · “{{ $one->remark }}”@endif
    </p>
    @if($one->decided !== '')<p><b>Decided:</b> {{ $one->decided }}</p>@endif
    @if($one->answer !== '')
        <p><b>{{ $one->answer }}</b></p>
    @elseif($one->waitsForCustomer)
        <p class="warn">◆ Waits for the customer.</p>
    @endif
    @if($one->photos !== [])
        <p class="photos small">
            @foreach($one->photos as $photo)<a href="/jobs/{{ $file->job->tag() }}/photos/{{ $photo }}.jpg"><img
                        src="/jobs/{{ $file->job->tag() }}/photos/{{ $photo }}.jpg?size=small" alt="Photo of indication {{ $one->number }}"
                        loading="lazy" width="96" height="72"></a>@endforeach
        </p>
    @endif
    <div class="indication-forms">
    @if($mayWrite && $one->needsRetest && ! $one->isBeingRetested)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/cracks/retests" id="retest-{{ $one->id }}" data-keep
        data-words="retest of indication {{ $one->number }}">
        @csrf
        <x-ulid />
        <input type="hidden" name="face" value="{{ $view->face->value }}">
        <input type="hidden" name="indication" value="{{ $one->id }}">
        <label>part, {{ $file->policy->temperatureUnit->label() }}
            <input type="hidden" name="temperature_unit" value="{{ $file->policy->temperatureUnit->value }}">
            <input
                class="num" id="retest-temperature-{{ $one->id }}" name="temperature" size="4" maxlength="5" inputmode="decimal"
                value="{{ $file->policy->temperatureUnit->fromCelsius(20) }}"></label>@if($one->confirmBy === [])<button class="button">
                Clean it and develop again
            </button>@else<label>by
                <select id="retest-method-{{ $one->id }}" name="method">
                    @foreach($one->confirmBy as $method)<option>{{ $method }}</option>@endforeach
                </select></label><button class="button">Confirm it</button>@endif
        <x-live-error :id="'retest-'.$one->id" />
    </form>
    @endif
    @if($mayWrite && $one->isCrack)
    <details id="decide-{{ $one->id }}" @if($one->decided === '') open @endif>
        <summary>{{ $one->decided === '' ? 'What is done about it?' : 'Decide otherwise' }}</summary>
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/cracks/decisions" id="decision-{{ $one->id }}" class="inline-fields" data-keep
        data-words="decision on indication {{ $one->number }}">
        @csrf
        <x-ulid />
        <input type="hidden" name="face" value="{{ $view->face->value }}">
        <input type="hidden" name="indication" value="{{ $one->id }}">
        <p class="w-full">{{ $one->proposal }} <span class="rule-id inline">CRACK-5</span></p>
        <div class="field">
            <label for="way-{{ $one->id }}">Way</label>
            <select id="way-{{ $one->id }}" name="disposition">
                @foreach($one->dispositions as $way)<option>{{ $way }}</option>@endforeach
            </select>
        </div>
        @if($one->asksGrinding)<label class="tick"><input type="checkbox" id="grinds-{{ $one->id }}" name="grinds_out" value="1">it grinds
                out</label>@endif
        <div class="field grow">
            <label for="why-{{ $one->id }}">Reason, where it is not the proposed way</label>
            <input id="why-{{ $one->id }}" name="reason" maxlength="200" autocomplete="off">
        </div>
        <button class="button plain">Decide</button><x-live-error :id="'decision-'.$one->id" /></form></details>
    @endif
    @can('answer-for-customer')
    @if($one->waitsForCustomer && ! $file->job->is_closed)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/cracks/customer" id="customer-{{ $one->id }}" class="inline-fields" data-keep
        data-words="the customer's answer to indication {{ $one->number }}">
        @csrf
        <x-ulid />
        <input type="hidden" name="face" value="{{ $view->face->value }}">
        <input type="hidden" name="indication" value="{{ $one->id }}">
        <div class="field grow">
            <label for="how-{{ $one->id }}">The customer’s answer: who said it, and how</label>
            <input id="how-{{ $one->id }}" name="how" maxlength="120" autocomplete="off">
        </div>
        <button class="button plain" name="answer" value="accepted">Accepts</button><button
            class="button plain" name="answer" value="declined">
            Declines
        </button>
        <x-live-error :id="'customer-'.$one->id" />
    </form>
    @endif
    @endcan
    @if($mayWrite)
    <x-photo-form
        :job="$file->job" :subject="'indication.'.$one->id" stage="cracks" :id="'indication-'.$one->id" :face="$view->face->value" />
    @if($one->canBeTakenBack)
        <details id="back-{{ $one->id }}">
            <summary>Put in the wrong place?</summary>
            <form
                method="post" action="/jobs/{{ $file->job->tag() }}/cracks/indications/back" id="takeback-{{ $one->id }}"
                class="inline-fields" data-keep>
                @csrf
                <x-ulid />
                <input type="hidden" name="face" value="{{ $view->face->value }}">
                <input type="hidden" name="indication" value="{{ $one->id }}">
                <div class="field grow">
                    <label for="reason-{{ $one->id }}">Why is it taken off the map?</label>
                    <input id="reason-{{ $one->id }}" name="reason" maxlength="200" autocomplete="off">
                </div>
                <button class="button plain">Take it off</button>
                <x-live-error :id="'takeback-'.$one->id" />
            </form>
        </details>
    @endif
    @endif
    </div>
</article>
@endforeach
@endif
