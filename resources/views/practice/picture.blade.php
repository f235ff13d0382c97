@foreach($picture->paths as $path)<path d="{{ $path['d'] }}" class="{{ $path['class'] }}" data-step="{{ $path['step'] }}" />
@endforeach
@foreach($picture->lines as $line)
<line
    x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}" x2="{{ $line['x2'] }}" y2="{{ $line['y2'] }}" class="{{ $line['class'] }}"
    data-step="{{ $line['step'] }}" />
@endforeach
@foreach($picture->texts as $text)
<text x="{{ $text['x'] }}" y="{{ $text['y'] }}" class="{{ $text['class'] }}" data-step="{{ $text['step'] }}">{{ $text['text'] }}</text>
@endforeach
