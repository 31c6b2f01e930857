package grastel.app.projects;

/** Why a class may draw from a picture. */
public enum Rights {
    OWN_PHOTO,
    SET_UP_FROM_LIFE,
    FREE_OF_RIGHTS
}
