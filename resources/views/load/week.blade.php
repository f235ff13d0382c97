<h2>Hours of the week</h2>
<form method="post" action="/load/hours" class="hours">@csrf<input type="hidden" name="version" value="{{ $rules->version }}">
    <p class="soft">Written like 8:00–12:00, 12:30–17:00; empty is closed. A machine without hours of its own has the shop’s.</p>
    <div class="inline-fields">
    @foreach($rules->hours->written() as $day => $hours)
        <div class="field"><label for="hours-{{ $day }}">{{ __('load.day_name.'.$day) }}</label>
            <input id="hours-{{ $day }}" name="hours[{{ $day }}]" value="{{ old('hours.'.$day, $hours) }}" maxlength="80" size="22">
            <x-field-error :name="'hours.'.$day" />
        </div>
    @endforeach
        <div class="field"><label for="answer-days">A customer’s answer takes, days</label>
            <input
                id="answer-days" name="answer_days" class="num" size="4" inputmode="numeric"
                value="{{ old('answer_days', $rules->answerDays) }}">
            <x-field-error name="answer_days" />
        </div>
    </div>
    @foreach($machines as $machine)
        @include('load.machine', ['code' => $machine->value, 'reach' => \NorthLedger\Core\Work\MachineReach::of($machine)])
    @endforeach
    <p><button class="button">Save the hours</button></p>
</form>
