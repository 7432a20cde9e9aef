Rails.application.routes.draw do
  root "lessons#index"

  resource :session, only: %i[new create destroy]
  resource :school_login, only: %i[new show]
  resource :teacher, only: %i[new create]
  get "come-in/:token", to: "teachers#at_the_door", as: :coming_in
  post "come-in/:token", to: "teachers#come_in"
  resource :password, only: %i[new create edit update]
  resource :factor, only: %i[new create]
  resource :account, only: %i[show update destroy] do
    scope module: :accounts do
      resource :password, only: :update, as: :own_password
      resource :factor, only: %i[create update destroy]
      resource :archive, only: :create
      resource :move, only: %i[create show update]
      resources :sign_ins, only: :destroy
      delete "sign_ins", to: "sign_ins#clear"
    end
  end
  resource :school, only: %i[show update] do
    resources :teachers, only: %i[update destroy], module: :schools
    resources :invitations, only: :create, module: :schools
  end
  resource :mail_box, :privacy, only: :show
  resource :preferences, only: :update

  resources :lessons, only: %i[index create show update destroy] do
    scope module: :lessons do
      resource :copy, :return, only: :create
      resource :handover, only: %i[create destroy]
      resource :teach, only: :show, controller: "teach"
      resource :place, only: :update
      resource :feed, only: :show
      resource :sitting, only: %i[show create update destroy]
      resources :held, only: %i[index create], controller: "held"
      delete "seats", to: "seats#clear"
      resource :roll, only: :show
      resource :share, only: %i[show create destroy]
      resource :running_order, only: %i[show update]
      resource :facts, only: :show, controller: "facts"
      resources :pages, only: %i[index create] do
        delete :index, on: :collection, action: :destroy
      end
      resources :arrivals, only: :create
      resources :links, only: :index
      resources :polls, only: %i[new create]
      resources :activities, only: %i[new create]
      resources :proposals, only: :create
      resources :faces, only: %i[index create]
      resources :parts, only: :index
      resources :checks, only: :create
      resources :takes, :imports, only: :create
    end
  end
  resources :handovers, only: %i[update destroy]
  resource :bin, only: :show

  resources :pages, only: %i[show destroy] do
    scope module: :pages do
      resource :copy, :return, :undo, :redo, only: :create
      resource :position, only: :update
      resource :thumbnail, only: :show
      resource :guides, :choice, :capture, only: :create
      resource :speech, :lines, only: :show
      resource :reset, only: :create
      resource :preparation, only: :update
      resources :operations, :clippings, :pastes, :flows, only: :create
      resources :goes, only: :index
      resources :cues, only: %i[index show]
      resources :faced, only: %i[new create show], controller: "faced"
    end
  end

  # A class's going through a lesson: what it wrote, how it ends, how it goes on.
  resources :sittings, only: %i[show update destroy] do
    scope module: :sittings do
      resource :ending, only: %i[new create]
      resource :return, only: :create
      resources :class_tools, only: %i[index new create]
      resources :cues, only: :create do
        delete :index, on: :collection, action: :destroy
      end
      resource :share, :eyes, only: %i[create destroy]
      resource :rights, only: %i[show update]
      resource :report, :whom, only: :show
      resource :practice, only: %i[show create destroy]
      resources :handouts, only: %i[index create destroy]
      resource :groups, only: %i[show create update destroy]
      resources :copies, only: %i[index show update] do
        patch :index, on: :collection, action: :note
      end
      resources :seats, only: %i[show update destroy]
      resources :authors, only: %i[index update destroy]
      resource :print, :prompter, only: :show
      resources :pages, only: [] do
        resource :thumbnail, only: :show
      end
    end
  end

  resources :class_tools, only: %i[update destroy] do
    resources :pages, only: :create, module: :class_tools
  end

  # The store room: shelves of things, and what lies on them.
  resource :store_room, only: :show do
    scope module: :store_rooms do
      resources :takings, :keeps, :sets, only: :create
      resource :web, only: :show
    end
  end
  resources :pictures, only: %i[create show] do
    resource :clearing, only: :create, module: :pictures
    get "under/:parts", to: "pictures/covered#show", as: :covered, constraints: { parts: Usher::Veil::PARTS }
  end
  resources :assets, only: %i[create show update destroy], path: "media", as: "stored_files" do # /assets is where styles and scripts are served
    scope module: :assets do
      resource :progress, :uses, only: :show
      resource :return, :still, only: :create
    end
  end
  resources :drawings, :found_pictures, only: :show
  resources :imports, only: %i[show destroy]
  resource :frame, only: :show
  resource :embed, :link_card, only: :create
  resource :host, only: %i[show create destroy]
  resources :starting_points, only: %i[index create destroy]

  # What the board asks the core while something is being typed or filled in; nothing is kept.
  resource :line_breaks, :rich_text, :formula, only: :create
  resources :tiles, :tables, :gaps, only: :create
  resource :symbols, only: :show

  resources :activities, only: %i[edit update] do
    resource :look, only: :show, module: :activities
    resource :placing, only: :create, module: :activities
    resource :copy, only: %i[new create], module: :activities
    resource :results, :paper, only: :show, module: :activities
    resources :attempts, only: :create, module: :activities
    resources :sendings, only: %i[index create], module: :activities do
      delete :index, on: :collection, action: :destroy
    end
  end
  resources :attempts, only: :show do
    resources :moves, only: :create, module: :attempts
    resources :faces, only: :show, module: :attempts
    resource :replay, only: :show, module: :attempts
    resource :remarks, only: :update, module: :attempts
  end

  resources :school_classes, only: %i[index show create update destroy], path: "classes" do
    scope module: :school_classes do
      resources :students, only: %i[update destroy]
      resource :cards, only: :show
      resource :teachers, only: %i[create destroy], as: :teachers
    end
  end

  resource :bank, only: %i[show create]
  resources :bank_questions, only: :destroy

  resources :polls, only: %i[show update] do
    resource :wall, only: %i[show update], module: :polls
    resource :page, :thing, only: :create, module: :polls
  end

  resources :takes, only: %i[index show update destroy] do
    scope module: :takes do
      resources :voice_pieces, only: :create
      resource :stop, only: :create
      resource :film, :voice, only: :show
    end
  end

  # Students: no account, a code and a name.
  get "join(/:code)", to: "seats#new", as: :join
  resource :seat, only: %i[create show destroy] do
    scope module: :seats do
      resource :page, :feed, :poll, :sending, :tools, only: :show
      resources :pages, only: [] do
        resources :operations, only: :create
        resource :undo, :redo, only: :create
      end
      resource :answer, :roll, only: :create
      resource :hand, only: %i[create destroy]
      resources :handouts, only: :show
    end
  end

  # Readers: whoever has the link.
  get "s/:token", to: "shares#show", as: :shared
  get "s/:token/lesson.pdf", to: "shares#pdf", as: :shared_pdf

  get "up", to: "health#show"
  match "/:code", to: "errors#show", via: :all, constraints: { code: /4\d\d|500/ }
end
