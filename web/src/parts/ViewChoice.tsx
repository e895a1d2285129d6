interface ViewChoiceProps<Code extends string> {
  views: readonly { code: Code; name: string }[];
  shown: Code;
  onShow: (code: Code) => void;
}

/** Which of a station's views is shown. */
export function ViewChoice<Code extends string>({ views, shown, onShow }: ViewChoiceProps<Code>) {
  return (
    <div className="mr-3 flex gap-1" role="group" aria-label="What is shown">
      {views.map(({ code, name }) => (
        <button
          key={code}
          type="button"
          className={`btn btn-sm ${code === shown ? "btn-neutral" : "btn-ghost"}`}
          aria-pressed={code === shown}
          onClick={() => onShow(code)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
